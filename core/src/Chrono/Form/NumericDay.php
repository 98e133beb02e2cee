<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\DateReader;
use NorthBough\Core\Chrono\DayOrder;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Reckoning;

/** 1891-06-14, 14.6.1891, 6/14/1891. Dots are day first; slashes are two days until something settles them. */
final readonly class NumericDay implements DateForm
{
    public function read(string $text, Reckoning $reckoning, DateReader $reader): ?GenDate
    {
        $calendar = Calendars::gregorian();
        if (preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})$/', $text, $m) === 1) {
            return GenDate::exact($text, [CalendarDate::day($calendar, (int) $m[1], (int) $m[2], (int) $m[3])]);
        }
        if (preg_match('/^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})$/', $text, $m) === 1) {
            return GenDate::exact($text, [CalendarDate::day($calendar, (int) $m[3], (int) $m[2], (int) $m[1])]);
        }
        if (preg_match('/^(\d{1,2})[\/-](\d{1,2})[\/-](\d{4})$/', $text, $m) !== 1) {
            return null;
        }
        [$first, $second, $year] = [(int) $m[1], (int) $m[2], (int) $m[3]];
        $dayFirst = static fn (): CalendarDate => CalendarDate::day($calendar, $year, $second, $first);
        $monthFirst = static fn (): CalendarDate => CalendarDate::day($calendar, $year, $first, $second);

        return GenDate::exact($text, match (true) {
            $first > 12 || $first === $second => [$dayFirst()],
            $second > 12 => [$monthFirst()],
            $reckoning->order === DayOrder::DayFirst => [$dayFirst()],
            $reckoning->order === DayOrder::MonthFirst => [$monthFirst()],
            default => [$dayFirst(), $monthFirst()],
        });
    }
}
