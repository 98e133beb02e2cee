<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** Words on one line. x is where they begin, or end where they are set from the right; y is their base line. */
final readonly class Text
{
    public function __construct(
        public float $x,
        public float $y,
        public string $words,
        public TextStyle $style,
        public bool $endsAtX = false,
    ) {
    }
}
