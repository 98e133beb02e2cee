<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Change;

use NorthBough\Core\Family\FamilyTie;
use NorthBough\Core\Family\TieChange;

/** A tie that goes, with all that hangs on it: the partners and children of a couple, the parents of a set. */
final readonly class Removed implements TieChange
{
    public function __construct(public FamilyTie $tie)
    {
    }
}
