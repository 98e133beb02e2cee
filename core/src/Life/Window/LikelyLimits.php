<?php

declare(strict_types=1);

namespace NorthBough\Core\Life\Window;

/** What is taken for likely of a life, in whole years. None of it is ever certain, and none decides who counts as living (DeathYears). */
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
        return new self(motherFrom: 14, motherTo: 50, fatherFrom: 15, fatherTo: 75, wedFrom: 15, workFrom: 8, longestLife: 104,
            baptisedWithin: 2);
    }

    public static function days(int $years): int
    {
        return (int) round($years * self::YEAR);
    }
}
