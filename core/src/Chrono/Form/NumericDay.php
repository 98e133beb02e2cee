<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\BookYear;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\CalendarPeriod;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DayOrder;
use NorthBough\Core\Chrono\GenDate;

/** 1891-06-14, 14.6.1891, 6/14/1891. Dots are day first; slashes are two days until something settles them. */
final readonly class NumericDay implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        $gregorian = Calendars::gregorian();
        if (preg_match('/^(\d{4})[-\/](\d{1,2})[-\/](\d{1,2})$|^(\d{4})(\d{2})(\d{2})$/', $text, $m) === 1) {
            [$year, $month, $day] = array_map(intval(...),
                array_slice(array_values(array_filter($m, static fn (string $part): bool => $part !== '')), 1));

            return GenDate::exact($text, [CalendarPeriod::of(CalendarDate::day($gregorian, $year, $month, $day))]);
        }
        if (preg_match('/^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})$/', $text, $m) === 1) {
            return GenDate::exact($text, BookYear::bare((int) $m[3], $convention)->day((int) $m[2], (int) $m[1]));
        }
        if (preg_match('/^(\d{1,2})[\/-](\d{1,2})[\/-](\d{4})$/', $text, $m) !== 1) {
            return null;
        }
        [$first, $second, $year] = [(int) $m[1], (int) $m[2], BookYear::bare((int) $m[3], $convention)];

        return GenDate::exact($text, match (true) {
            $first > 12 || $first === $second
                || ($second <= 12 && $convention->order === DayOrder::DayFirst) => $year->day($second, $first),
            $second > 12 || $convention->order === DayOrder::MonthFirst => $year->day($first, $second),
            // Day or month first is the greater doubt: the two years of an old book are not added to it.
            default => [
                CalendarPeriod::of(CalendarDate::day($gregorian, (int) $m[3], $second, $first)),
                CalendarPeriod::of(CalendarDate::day($gregorian, (int) $m[3], $first, $second)),
            ],
        });
    }
}
