<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendars;

/** Easter Sunday as a day number, for a year that begins on 1 January. */
final class Easter
{
    /** The anonymous Gregorian computus: J. Meeus, Astronomical Algorithms, 2nd ed., ch. 8. */
    public static function gregorian(int $year): int
    {
        $a = $year % 19;
        $b = intdiv($year, 100);
        $c = $year % 100;
        $d = intdiv(8 * $b + 13, 25);
        $h = (19 * $a + $b - intdiv($b, 4) - $d + 15) % 30;
        $m = intdiv($a + 11 * $h, 319);
        $l = (32 + 2 * ($b % 4) + 2 * intdiv($c, 4) - $c % 4 - $h + $m) % 7;
        $month = intdiv($h - $m + $l + 90, 25);

        return Calendars::gregorian()->toDay($year, $month, ($h - $m + $l + $month + 19) % 32);
    }

    /** Meeus, the same chapter, for the Julian calendar. */
    public static function julian(int $year): int
    {
        $d = (19 * ($year % 19) + 15) % 30;
        $e = (2 * ($year % 4) + 4 * ($year % 7) - $d + 34) % 7;
        $f = $d + $e + 114;

        return Calendars::julian()->toDay($year, intdiv($f, 31), $f % 31 + 1);
    }
}
