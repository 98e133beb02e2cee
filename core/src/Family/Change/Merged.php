<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Change;

use NorthBough\Core\Family\FamilyTie;
use NorthBough\Core\Family\TieChange;

/**
 * Two ties that turn out to be one: what is told of the first goes to the second, then the first goes. Partners and
 * children of a couple, and parents of a set, have left it before.
 */
final readonly class Merged implements TieChange
{
    public function __construct(public FamilyTie $gone, public FamilyTie $into)
    {
    }
}
