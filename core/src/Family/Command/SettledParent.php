<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/** How far a case goes for one parent; `isAdded`: they are tied to the child where they are not yet. */
final readonly class SettledParent
{
    public function __construct(public string $parentId, public Standing $standing, public Proof $proof, public bool $isAdded)
    {
    }
}
