<?php

declare(strict_types=1);

namespace NorthBough\Core\Life\Window;

/** What is taken for likely, in whole years; a tree's own where somebody set it. None of them is ever certain. */
final readonly class LikelyLimits
{
    private const YEAR = 365.2425;

    private function __construct(
        public int $motherFrom,
        public int $motherTo,
        public int $fatherFrom,
        public int $fatherTo,
        public int $wedFrom,
        public int $workFrom,
        public int $longestLife,
        public int $baptisedWithin,
    ) {
    }

    public static function usual(): self
    {
        return new self(motherFrom: 14, motherTo: 50, fatherFrom: 15, fatherTo: 75, wedFrom: 15, workFrom: 8, longestLife: 104, baptisedWithin: 2);
    }

    /** @param  array<string, int>  $years  years by name; what is missing stays usual */
    public static function of(array $years): self
    {
        return new self(...[...get_object_vars(self::usual()), ...array_intersect_key($years, get_object_vars(self::usual()))]);
    }

    public static function days(int $years): int
    {
        return (int) round($years * self::YEAR);
    }
}
