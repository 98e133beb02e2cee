<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** A part of a document. Renderers match on its class. */
interface Block
{
}
