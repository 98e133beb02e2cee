<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Calendar;

/**
 * The Julian calendar, its years counted from 1 January; what a parish called the year is the Reckoning's affair.
 *
 * Day numbers by E. G. Richards, "Calendars", in Explanatory Supplement to the Astronomical Almanac, 3rd ed., 15.11.
 */
final readonly class Julian extends RomanMonths
{
    public function keyword(): string
    {
        return 'JULIAN';
    }

    public function word(): string
    {
        return 'Julian';
    }

    public function escape(): string
    {
        return '@#DJULIAN@';
    }

    protected function isLeap(int $year): bool
    {
        return $year % 4 === 0;
    }

    public function toDay(int $year, int $month, int $day): int
    {
        $a = intdiv(14 - $month, 12);
        $y = $year + 4800 - $a;
        $m = $month + 12 * $a - 3;

        return $day + intdiv(153 * $m + 2, 5) + 365 * $y + intdiv($y, 4) - 32083;
    }

    public function fromDay(int $day): array
    {
        $c = $day + 32082;
        $d = intdiv(4 * $c + 3, 1461);
        $e = $c - intdiv(1461 * $d, 4);
        $m = intdiv(5 * $e + 2, 153);

        return [
            $d - 4800 + intdiv($m, 10),
            $m + 3 - 12 * intdiv($m, 10),
            $e - intdiv(153 * $m + 2, 5) + 1,
        ];
    }
}
