<?php

declare(strict_types=1);

namespace NorthBough\Core\Compare;

use NorthBough\Core\Chrono\DaySpan;

/**
 * A birth by a told age against a known birth, for whoever weighs likeness: the years by which they miss each other.
 * The sum of a told age is taken without the allowance for its telling; the level falls with the years instead.
 */
final class BirthsFromAges
{
    private const YEAR = 365.25;

    /** Years apart at which nothing of the likeness is left. */
    public const FAR = 10;

    public static function compare(DaySpan $bySum, DaySpan $known): Comparison
    {
        if (($bySum->earliest === null && $bySum->latest === null) || ($known->earliest === null && $known->latest === null)) {
            return Comparison::incomparable('One of the two names no time.');
        }
        $years = self::years($bySum, $known);
        $level = max(0.0, 1 - $years / self::FAR);

        return match (true) {
            $years === 0.0 => new Comparison(Verdict::Same, 'The age fits to the year.', 1.0),
            $years <= 2 => new Comparison(Verdict::Fits, 'The age is off by '.self::inYears($years).'.', $level),
            $years < self::FAR => new Comparison(Verdict::Strains, 'The age is off by '.self::inYears($years).'.', $level),
            default => new Comparison(Verdict::Contradicts, 'The age is off by '.self::inYears($years).'.', 0.0),
        };
    }

    private static function years(DaySpan $daySpan, DaySpan $otherSpan): float
    {
        $gap = max(
            $daySpan->latest !== null && $otherSpan->earliest !== null ? $otherSpan->earliest - $daySpan->latest : 0,
            $otherSpan->latest !== null && $daySpan->earliest !== null ? $daySpan->earliest - $otherSpan->latest : 0,
            0,
        );

        return $gap / self::YEAR;
    }

    private static function inYears(float $years): string
    {
        return $years < 1.5 ? 'a year' : round($years).' years';
    }
}
