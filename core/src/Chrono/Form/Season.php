<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Hemisphere;
use NorthBough\Core\Chrono\Interpretation;
use NorthBough\Core\Chrono\Precision;

/**
 * Spring 1891, winter 1890/91. A season is taken as its three whole months by the hemisphere of the place. Its
 * edges are soft: people begin a season by the month, by the equinox or by the weather, so the first and the
 * last three weeks are our allowance. The season that runs over New Year is named by its first year, and says so.
 */
final readonly class Season implements DateForm
{
    private const FIRST_MONTH = ['spring' => 3, 'summer' => 6, 'autumn' => 9, 'fall' => 9, 'winter' => 12];

    private const SOFT_DAYS = 21;

    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(?:in )?(?:the )?(spring|summer|autumn|fall|winter)(?: of)?,? (\d{4})(?:[\/–-](\d{1,2}|\d{4}))?$/iu', $text,
            $m) !== 1) {
            return null;
        }
        [$season, $year] = [strtolower($m[1]), (int) $m[2]];
        $month = self::FIRST_MONTH[$season];
        if ($convention->hemisphere === Hemisphere::South) {
            $month = ($month + 5) % 12 + 1;
        }
        $runsOver = $month === 12;
        $second = $m[3] ?? '';
        if ($second !== '' && (! $runsOver || ! str_ends_with((string) ($year + 1), $second))) {
            return null;
        }
        $calendar = Calendars::gregorian();
        $first = CalendarDate::month($calendar, $year, $month);
        $last = CalendarDate::month($calendar, $runsOver ? $year + 1 : $year, $runsOver ? 2 : $month + 2);
        $span = DaySpan::restore($first->span()->earliest, $last->span()->latest, self::SOFT_DAYS, self::SOFT_DAYS);
        $word = $season === 'fall' ? 'autumn' : $season;

        return GenDate::of($text, DateKind::Between, Precision::Season, [new Interpretation($span)],
            "BET {$first->standard()} AND {$last->standard()}",
            $runsOver ? "{$word} {$year}/".substr((string) ($year + 1), -2).', over New Year' : "{$word} {$year}", 'GREGORIAN');
    }
}
