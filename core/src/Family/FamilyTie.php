<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

/** One of the four things that a family is made of: a couple, a partner of it, a child's set of parents, a parent of that set. */
interface FamilyTie
{
    /** Unique among all ties of a tree. */
    public function key(): string;
}
