<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

/** One step of a change to families: a tie that is added, changed or removed. */
interface TieChange
{
}
