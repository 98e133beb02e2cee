<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\AgeConvention;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarPeriod;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Chrono\Precision;
use NorthBough\Core\Chrono\StatedAge;

/**
 * A day of which only a sum is known: "aged 24 on 1 June 1900", "aged 25, rounded, on 6 June 1841", "17 years before
 * 31 March 1901". The sum is exact, its telling is not, so the edges are soft (StatedAge).
 */
final readonly class ComputedDate implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^aged (?<age>.+?)(?:, (?<telling>rounded|running|next birthday))?,? (?:on|in) (?<day>\S.*)$/iu', $text, $m) !== 1
            && preg_match('/^(?<age>\d.*?) before (?<day>\S.*)$/iu', $text, $m) !== 1) {
            return null;
        }
        $age = StatedAge::parse($m['age'], AgeConvention::tryFrom(mb_strtolower($m['telling'] ?? '')) ?? AgeConvention::Completed);
        $ended = $reader->plain($m['day'], $convention)?->span();
        if ($age === null || $ended === null || $ended->earliest === null || $ended->latest === null) {
            return null;
        }
        $sum = $age->bornBySum($ended);
        $calendar = Calendars::gregorian();
        $edges = array_map(static fn (?int $day): string => $day === null ? '' : CalendarPeriod::ofDay($calendar, $day)->normal,
            [$sum->earliest, $sum->latest]);

        return GenDate::of($text, DateKind::Calculated, Precision::Year, [new Interpretation($age->born($ended))],
            "BET {$edges[0]} AND {$edges[1]}", self::years((int) $sum->earliest, (int) $sum->latest), $calendar->keyword());
    }

    /** 1875; 1875 or 1876; between 1870 and 1875. */
    private static function years(int $earliest, int $latest): string
    {
        [$first, $last] = [IsoDay::year($earliest), IsoDay::year($latest)];

        return match ($last - $first) {
            0 => (string) $first,
            1 => "{$first} or {$last}",
            default => "between {$first} and {$last}",
        };
    }
}
