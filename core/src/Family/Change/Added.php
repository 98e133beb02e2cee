<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Change;

use NorthBough\Core\Family\FamilyTie;
use NorthBough\Core\Family\TieChange;

/** A tie that is new. */
final readonly class Added implements TieChange
{
    public function __construct(public FamilyTie $tie)
    {
    }
}
