<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Change;

use NorthBough\Core\Family\FamilyTie;
use NorthBough\Core\Family\TieChange;

/** A tie that stays and says something else. */
final readonly class Changed implements TieChange
{
    public function __construct(public FamilyTie $before, public FamilyTie $after)
    {
    }
}
