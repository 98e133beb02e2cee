<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Drawing\Scene\LineKind;

/** A line of kinship through its points, from the child to a parent or from one partner to the other. Dotted when unproved. */
final readonly class Line
{
    /** @param  non-empty-list<array{float, float}>  $points */
    public function __construct(
        public array $points,
        public bool $dotted,
        public string $fromId,
        public string $toId,
        public LineKind $kind = LineKind::Birth,
    ) {
    }
}
