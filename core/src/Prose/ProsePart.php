<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** A part of a paragraph that somebody wrote. */
interface ProsePart
{
}
