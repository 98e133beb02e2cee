<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Cast;

use NorthBough\Core\Tree\ParentageKind;

/** A line from a child to one parent, both of whom are drawn. */
final readonly class Tie
{
    public function __construct(public string $childId, public string $parentId, public ParentageKind $kind, public bool $isUnproved)
    {
    }
}
