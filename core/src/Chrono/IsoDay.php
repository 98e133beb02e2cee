<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendars;

/** Day numbers as ISO 8601 days of the Gregorian calendar, and back. */
final class IsoDay
{
    public static function of(int $day): string
    {
        [$year, $month, $dayOfMonth] = Calendars::gregorian()->fromDay($day);

        return ($year < 0 ? '-' : '').sprintf('%04d-%02d-%02d', abs($year), $month, $dayOfMonth);
    }

    public static function orNull(?int $day): ?string
    {
        return $day === null ? null : self::of($day);
    }

    public static function year(int $day): int
    {
        return Calendars::gregorian()->fromDay($day)[0];
    }
}
