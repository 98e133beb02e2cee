<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/** Where boxes and lines stand, before the direction of a drawing is seen to. The upper left corner is 0, 0. */
final readonly class Placed
{
    /**
     * @param  array<int, array{float, float}>  $boxes  across and along, of the corner where both are least, by person
     * @param  list<array{non-empty-list<array{float, float}>, int, int, int}>  $ties  points from the child on, child, parent, household
     * @param  list<array{non-empty-list<array{float, float}>, int}>  $couples  points, household
     */
    public function __construct(
        public array $boxes,
        public array $ties,
        public array $couples,
        public float $across,
        public float $along,
        public int $crossings,
    ) {
    }
}
