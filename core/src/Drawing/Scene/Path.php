<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** A stroke through its points: a line of kinship, or of an axis. */
final readonly class Path
{
    /**
     * @param  non-empty-list<array{float, float}>  $points  x and y of each
     * @param  list<string>  $personIds  whom it joins: the child, then the parent; nobody for an axis
     */
    public function __construct(
        public array $points,
        public StrokeStyle $style,
        public array $personIds,
        public LineKind $kind = LineKind::Axis,
    ) {
    }

    public function isUnproved(): bool
    {
        return in_array($this->style, [StrokeStyle::Unproved, StrokeStyle::PerhapsCouple], true) && $this->kind !== LineKind::Axis;
    }
}
