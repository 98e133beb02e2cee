<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Union;

/** What a numbering needs to know of a tree, and no more, so that a large one can be asked without fetching whole lives. */
interface LineRows
{
    /**
     * @param  list<string>  $personIds
     * @return array<string, list<Union>> by partner, as they were lived
     */
    public function unionsOf(array $personIds): array;

    /**
     * @param  list<string>  $childIds
     * @return array<string, ParentSet> by child, the set that leads; those of whom none stands are missing
     */
    public function leadingSets(array $childIds): array;

    /**
     * @param  list<string>  $personIds
     * @return array<string, DaySpan> days within which each was born, or what stands for it, where that is dated
     */
    public function births(array $personIds): array;
}
