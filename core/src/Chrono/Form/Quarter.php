<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\CalendarPeriod;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\MonthNames;
use NorthBough\Core\Chrono\Precision;

/** Q2 1891, Apr-May-Jun 1891: a quarter of a registration index. */
final readonly class Quarter implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(?:q([1-4])|([1-4])(?:st|nd|rd|th)? (?:qtr|quarter)\.?(?: of)?)[\s,\/-]+(\d{4})$/iu', $text, $m) === 1) {
            [$quarter, $year] = [(int) ($m[1].$m[2]), (int) $m[3]];
        } elseif (preg_match('/^(\d{4})[\s-]?q([1-4])$/i', $text, $m) === 1) {
            [$quarter, $year] = [(int) $m[2], (int) $m[1]];
        } elseif (preg_match('/^(\p{L}+)[-\/](\p{L}+)[-\/](\p{L}+)[\s,]+(\d{4})$/u', $text, $m) === 1) {
            $months = [MonthNames::number($m[1]), MonthNames::number($m[2]), MonthNames::number($m[3])];
            $quarter = array_search($months, [1 => [1, 2, 3], [4, 5, 6], [7, 8, 9], [10, 11, 12]], true);
            $year = (int) $m[4];
        } else {
            return null;
        }
        if ($quarter === false) {
            return null;
        }
        $of = static fn (int $month): CalendarPeriod => CalendarPeriod::of(CalendarDate::month(Calendars::gregorian(), $year, $month));

        return GenDate::between($text, $of(3 * $quarter - 2), $of(3 * $quarter), Precision::Quarter, "quarter {$quarter} of {$year}");
    }
}
