<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\BookYear;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\CalendarPeriod;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;

/** Jun 1891, June, 1891, 6/1891, 6.1891, 1891-06. */
final readonly class WrittenMonth implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(\d{4})-(0[1-9]|1[0-2])$/', $text, $m) === 1) {
            return GenDate::exact($text, [CalendarPeriod::of(CalendarDate::month(Calendars::gregorian(), (int) $m[1], (int) $m[2]))]);
        }
        if (preg_match('/^(\d{1,2})[\/.] ?(\d{4})$/', $text, $m) === 1) {
            return GenDate::exact($text, BookYear::bare((int) $m[2], $convention)->month((int) $m[1]));
        }
        if (preg_match('/^(?<month>\p{L}+|[1789]0?ber|[1789]0?bris)\.?(?:[\s,-]+|\/)(?:of )?'.YearWords::PATTERN.'$/iu', $text, $m) !== 1
            && preg_match('/^'.YearWords::PATTERN.'[\s,-]+(?<month>\p{L}+)\.?$/iu', $text, $m) !== 1) {
            return null;
        }
        $month = $convention->calendar()->monthNumber($m['month']);
        $year = YearWords::from($m, $convention);

        return $month === 0 || $year === null ? null : GenDate::exact($text, $year->month($month));
    }
}
