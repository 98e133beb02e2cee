<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\DateReader;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\MonthNames;
use NorthBough\Core\Chrono\Reckoning;

/** Jun 1891, June, 1891, 6/1891, 1891-06. */
final readonly class WrittenMonth implements DateForm
{
    public function read(string $text, Reckoning $reckoning, DateReader $reader): ?GenDate
    {
        if (preg_match('/^(?<month>\d{1,2})\/(?<year>\d{4})$|^(?<iso>\d{4})-(?<isoMonth>0[1-9]|1[0-2])$/', $text, $m) === 1) {
            $year = ($m['iso'] ?? '') !== '' ? $m['iso'] : $m['year'];
            $month = ($m['isoMonth'] ?? '') !== '' ? $m['isoMonth'] : $m['month'];

            return GenDate::exact($text, [CalendarDate::month(Calendars::gregorian(), (int) $year, (int) $month)]);
        }
        if (preg_match('/^(?<month>\p{L}+|7ber|8ber|9ber|10ber)\.?[\s,-]+'.YearWords::PATTERN.'$/iu', $text, $m) !== 1) {
            return null;
        }
        $month = MonthNames::number($m['month']);
        $year = YearWords::from($m, $reckoning);

        return $month === 0 || $year === null ? null : GenDate::exact($text, [$year->on($month, 0)]);
    }
}
