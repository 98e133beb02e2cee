<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;
use NorthBough\Core\Chrono\Calendar\Calendars;

/**
 * A sum with dates as somebody types it: "14 Jun 1818 to 3 May 1891" (how long), "3 May 1891 - 72y 10m 19d" or
 * "14 Jun 1818 + 24 years" (which day), or a date alone (which day of the week, and what it is in other calendars).
 */
final class DateSum
{
    private const UNITS = ['y' => 'years', 'm' => 'months', 'w' => 'weeks', 'd' => 'days'];

    /** @return list<string> the answers, a line each; empty where nothing was understood */
    public static function read(string $typed, ?DatingConvention $convention = null): array
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $typed), ' =');
        if (preg_match('/^(.+?) ([+\-−–]) ((?:\d+ ?(?:years?|yrs?|y|months?|mos?|m|weeks?|wks?|w|days?|d)\b[ ,]*(?:and )?)+)$/iu', $text,
            $m) === 1) {
            return self::shifted(GenDate::parse($m[1], $convention), $m[2] === '+', self::lapse($m[3]));
        }
        if (preg_match('/^(.+?) (?:to|until|till|[\-−–]) (.+)$/iu', $text, $m) === 1) {
            return self::between(GenDate::parse((string) preg_replace('/^from /i', '', $m[1]), $convention),
                GenDate::parse($m[2], $convention));
        }

        return self::day(GenDate::parse($text, $convention));
    }

    /** @return list<string> */
    private static function between(GenDate $from, GenDate $to): array
    {
        [$first, $second] = [$from->span(), $to->span()];
        if ($first === null || $second === null) {
            return [];
        }
        $difference = Difference::of($first, $second);
        $back = $difference === null ? Difference::of($second, $first) : null;
        if ($difference === null && $back === null) {
            return [];
        }
        $answers = [($difference ?? $back)?->words().($back === null ? '' : ', the second first')];
        if ($first->earliest === $first->latest && $second->earliest === $second->latest) {
            $days = abs((int) $second->earliest - (int) $first->earliest);
            $answers[] = number_format($days).($days === 1 ? ' day' : ' days');
        }

        return $answers;
    }

    /** @return list<string> */
    private static function shifted(GenDate $date, bool $forward, CalendarInterval $lapse): array
    {
        $span = $date->span();
        if ($span === null) {
            return [];
        }
        $moved = $forward ? $span->plus($lapse) : $span->minus($lapse);
        if ($moved->earliest !== null && $moved->earliest === $moved->latest) {
            return [Weekday::of($moved->earliest)->value.', '.self::in(Calendars::gregorian(), $moved->earliest)];
        }

        return [implode(' to ',
            array_map(static fn (?int $day): string => $day === null ? '…' : self::in(Calendars::gregorian(), $day),
                [$moved->earliest, $moved->latest]))];
    }

    /** @return list<string> */
    private static function day(GenDate $date): array
    {
        $answers = [];
        foreach ($date->precision === Precision::Day && $date->kind === DateKind::Exact ? $date->readings : [] as $reading) {
            $day = (int) $reading->begin->earliest;
            $answers[] = Weekday::of($day)->value.', '.self::in(Calendars::gregorian(), $day);
            foreach (Calendars::all() as $calendar) {
                if ($calendar !== Calendars::gregorian() && self::wasKept($calendar, $day)) {
                    $answers[] = self::in($calendar, $day).', '.$calendar->word();
                }
            }
        }

        return $answers;
    }

    private static function in(Calendar $calendar, int $day): string
    {
        return CalendarDate::day($calendar, ...$calendar->fromDay($day))->shown();
    }

    /** The French Republican calendar was the law from 22 September 1792 to the end of 1805. */
    private static function wasKept(Calendar $calendar, int $day): bool
    {
        return $calendar->keyword() !== 'FRENCH_R'
            || ($day >= Calendars::gregorian()->toDay(1792, 9, 22) && $day <= Calendars::gregorian()->toDay(1805, 12, 31));
    }

    private static function lapse(string $words): CalendarInterval
    {
        $counts = ['years' => 0, 'months' => 0, 'weeks' => 0, 'days' => 0];
        preg_match_all('/(\d+) ?([a-z])/i', $words, $parts, PREG_SET_ORDER);
        foreach ($parts as [, $count, $unit]) {
            $counts[self::UNITS[strtolower($unit)]] += (int) min(9999, (int) $count);
        }

        return new CalendarInterval($counts['years'], $counts['months'], 7 * $counts['weeks'] + $counts['days']);
    }
}
