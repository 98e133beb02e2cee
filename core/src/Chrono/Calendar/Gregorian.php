<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Calendar;

/**
 * The Gregorian calendar, run backwards before 1582.
 *
 * Day numbers by E. G. Richards, "Calendars", in Explanatory Supplement to the Astronomical Almanac, 3rd ed., 15.11.
 */
final readonly class Gregorian extends RomanMonths
{
    public function keyword(): string
    {
        return 'GREGORIAN';
    }

    public function word(): string
    {
        return 'Gregorian';
    }

    public function escape(): string
    {
        return '@#DGREGORIAN@';
    }

    protected function isLeap(int $year): bool
    {
        return ($year % 4 === 0 && $year % 100 !== 0) || $year % 400 === 0;
    }

    public function toDay(int $year, int $month, int $day): int
    {
        $a = intdiv(14 - $month, 12);
        $y = $year + 4800 - $a;
        $m = $month + 12 * $a - 3;

        return $day + intdiv(153 * $m + 2, 5) + 365 * $y + intdiv($y, 4) - intdiv($y, 100) + intdiv($y, 400) - 32045;
    }

    public function fromDay(int $day): array
    {
        $a = $day + 32044;
        $b = intdiv(4 * $a + 3, 146097);
        $c = $a - intdiv(146097 * $b, 4);
        $d = intdiv(4 * $c + 3, 1461);
        $e = $c - intdiv(1461 * $d, 4);
        $m = intdiv(5 * $e + 2, 153);

        return [
            100 * $b + $d - 4800 + intdiv($m, 10),
            $m + 3 - 12 * intdiv($m, 10),
            $e - intdiv(153 * $m + 2, 5) + 1,
        ];
    }
}
