<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\Verdict;

/**
 * The dates to which the marker can be set on the axis of a weighing: the claims' own spans, every year from the first to the last of
 * them, and every month where they lie near enough. What each claim says to each is worked out beforehand.
 */
final class CandidateDates
{
    private const MOST_YEARS = 120;

    private const MOST_YEARS_OF_MONTHS = 12;

    private const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    /**
     * @param  list<GenDate>  $spans  what each claim says
     * @return list<CandidateDate> from the earliest on
     */
    public static function among(array $spans): array
    {
        [$first, $last] = self::years($spans);
        $dates = [];
        foreach ($spans as $date) {
            if ($date->readings !== []) {
                $dates[$date->typed] = $date;
            }
        }
        for ($year = $first; $first !== null && $year <= $last; $year++) {
            $dates["{$year}"] ??= GenDate::parse("{$year}");
            foreach ($last - $first < self::MOST_YEARS_OF_MONTHS ? self::MONTHS : [] as $month) {
                $dates["{$month} {$year}"] ??= GenDate::parse("{$month} {$year}");
            }
        }
        $candidates = array_map(
            static fn (GenDate $date): CandidateDate => new CandidateDate($date,
                array_map(static fn (GenDate $claim): Verdict => Dates::compare($date, $claim)->verdict, $spans)),
            array_values($dates));
        usort($candidates, static fn (CandidateDate $a, CandidateDate $b): int => self::key($a) <=> self::key($b));

        return $candidates;
    }

    /**
     * @param  list<GenDate>  $spans
     * @return array{int|null, int} the first and the last year that the hard parts of the claims touch
     */
    private static function years(array $spans): array
    {
        $days = [];
        foreach ($spans as $date) {
            $span = $date->span();
            array_push($days,
                ...array_filter(
                    [$span?->earliest === null ? null : $span->earliest + $span->softBefore,
                        $span?->latest === null ? null : $span->latest - $span->softAfter], static fn (?int $day): bool => $day !== null));
        }
        if ($days === []) {
            return [null, 0];
        }
        $first = Calendars::gregorian()->fromDay(min($days))[0];

        return [$first, min($first + self::MOST_YEARS, Calendars::gregorian()->fromDay(max($days))[0])];
    }

    /** @return array{int, int} by the first day, the widest before what lies in it */
    private static function key(CandidateDate $candidate): array
    {
        $span = $candidate->date->span();

        return [$span->earliest ?? PHP_INT_MIN, -($span->latest ?? PHP_INT_MAX)];
    }
}
