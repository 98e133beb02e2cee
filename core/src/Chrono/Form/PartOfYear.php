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

/** Early 1891, mid 1891, late 1891: four months each. */
final readonly class PartOfYear implements DateForm
{
    private const FIRST_MONTH = ['early' => 1, 'mid' => 5, 'middle' => 5, 'late' => 9];

    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(early|mid|middle|late)(?: of| in)?[ -](\d{4})$/iu', $text, $m) !== 1) {
            return null;
        }
        $part = strtolower($m[1]);
        $month = self::FIRST_MONTH[$part];
        $of = static fn (int $month): CalendarPeriod => CalendarPeriod::of(
            CalendarDate::month(Calendars::gregorian(), (int) $m[2], $month));

        return GenDate::between($text, $of($month), $of($month + 3), Precision::Season, "{$part} {$m[2]}");
    }
}
