<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Calendar;

/** The calendars that North Bough reckons in. A new one is one file and one line here. */
final class Calendars
{
    /** @var list<Calendar>|null */
    private static ?array $all = null;

    /** @return list<Calendar> */
    public static function all(): array
    {
        return self::$all ??= [new Gregorian, new Julian, new FrenchRepublican, new Hebrew];
    }

    public static function gregorian(): Calendar
    {
        return self::all()[0];
    }

    public static function julian(): Calendar
    {
        return self::all()[1];
    }

    /** @throws UnknownCalendar when no calendar answers to the keyword */
    public static function named(string $keyword): Calendar
    {
        foreach (self::all() as $calendar) {
            if ($calendar->keyword() === strtoupper($keyword)) {
                return $calendar;
            }
        }

        throw UnknownCalendar::named($keyword);
    }
}
