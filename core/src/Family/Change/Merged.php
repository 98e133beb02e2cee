<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Change;

use NorthBough\Core\Family\Couple;
use NorthBough\Core\Family\TieChange;

/**
 * Two couples that turn out to be one: what is told of the first goes to the second, then the first goes. Its partners and
 * children have left it before.
 */
final readonly class Merged implements TieChange
{
    public function __construct(public Couple $gone, public Couple $into)
    {
    }
}
