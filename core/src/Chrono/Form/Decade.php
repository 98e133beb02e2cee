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

/** 1850s, early 1850s. Early, middle and late are the years 0 to 3, 4 to 6 and 7 to 9. */
final readonly class Decade implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(?:the )?(?:(early|mid|middle|late)[ -])?(?:the )?(\d{3}0)\'?s$/iu', $text, $m) !== 1) {
            return null;
        }
        $part = strtolower($m[1]);
        [$from, $to] = match ($part) {
            'early' => [0, 3],
            'mid', 'middle' => [4, 6],
            'late' => [7, 9],
            default => [0, 9],
        };
        $of = static fn (int $year): CalendarPeriod => CalendarPeriod::of(CalendarDate::year(Calendars::gregorian(), (int) $m[2] + $year));

        return GenDate::between($text, $of($from), $of($to), Precision::Decade, ($part === '' ? '' : $part.' ').$m[2].'s');
    }
}
