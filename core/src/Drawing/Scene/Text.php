<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/**
 * Words on one line. x is where they begin, or end or have their middle where they are set so; y is their base line. Turned
 * words are turned about that point, clockwise, in degrees.
 */
final readonly class Text
{
    public function __construct(
        public float $x,
        public float $y,
        public string $words,
        public TextStyle $style,
        public Anchor $anchor = Anchor::Start,
        public float $turn = 0.0,
    ) {
    }
}
