<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** A straight stroke from one point to another. */
final readonly class Rule
{
    public function __construct(
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
        public StrokeStyle $style,
    ) {
    }
}
