<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Tree\ParentageKind;

/** A child in a family of a line: by what tie, and when they were born, by which brothers and sisters are counted. */
final readonly class LineChild
{
    /**
     * @param  DaySpan|null  $born  days within which the birth fell, or what stands for it; null where nothing tells
     * @param  bool  $isStep  a child of the partner by somebody else
     */
    public function __construct(
        public string $personId,
        public ParentageKind $kind = ParentageKind::Birth,
        public bool $isUnproved = false,
        public bool $isStep = false,
        public ?DaySpan $born = null,
    ) {
    }

    /** Whether the days tell which of the two came first; who was born on one and the same day stands as put. */
    public function isToldApartFrom(self $other): bool
    {
        if ($this->born === null || $other->born === null) {
            return false;
        }
        $isOneDay = $this->born->earliest === $this->born->latest && $other->born->earliest === $other->born->latest;

        return $isOneDay || $this->born->latest < $other->born->earliest || $other->born->latest < $this->born->earliest;
    }
}
