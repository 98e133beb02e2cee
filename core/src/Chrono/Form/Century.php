<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\CalendarPeriod;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Precision;

/** 18th century: 1701 to 1800. */
final readonly class Century implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(?:the )?(\d{1,2})(?:st|nd|rd|th) (?:century|cent\.|c\.)$/iu', $text, $m) !== 1 || (int) $m[1] < 1
            || (int) $m[1] > 21) {
            return null;
        }
        $of = static fn (int $year): CalendarPeriod => CalendarPeriod::of(CalendarDate::year(Calendars::gregorian(), $year));

        return GenDate::between($text, $of(100 * (int) $m[1] - 99), $of(100 * (int) $m[1]), Precision::Century, strtolower($text));
    }
}
