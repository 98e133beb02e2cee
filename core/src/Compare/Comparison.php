<?php

declare(strict_types=1);

namespace NorthBough\Core\Compare;

/** A verdict with its ground in words, and how near the two are for whoever weighs likeness. */
final readonly class Comparison
{
    /**
     * @param  string  $ground  a sentence that a person can check
     * @param  float  $level  from 0, nothing alike, to 1, the same
     */
    public function __construct(public Verdict $verdict, public string $ground, public float $level)
    {
    }

    public static function incomparable(string $ground): self
    {
        return new self(Verdict::Incomparable, $ground, 0.5);
    }
}
