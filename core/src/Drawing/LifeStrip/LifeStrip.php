<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\LifeStrip;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventTrait;

/**
 * The axis of a life: years from left to right, a mark for each dated event. Places on it are shares of its length,
 * 0 to 1, so that the page only has to stretch it.
 */
final readonly class LifeStrip
{
    /** Share of the axis that the words of one mark take. */
    private const WORDS_WIDTH = 0.11;

    /** From here on words stand to the left of where their mark ends, so as not to run off the line. */
    private const AT_END = 0.88;

    private const OWN_LANES = 3;

    private const FAMILY_LANES = 1;

    /**
     * @param  list<StripMark>  $marks
     * @param  list<array{float, int}>  $years  where a year is written, and which
     */
    private function __construct(public array $marks, public array $years)
    {
    }

    /**
     * @param  list<Event>  $own
     * @param  list<array{string, Event, string}>  $family  whose event it is, in words, the event, and the id of whoever it is
     * @param  int|null  $bornFrom  the first day on which the life can have begun, where no event says when; null where that is open
     * @param  int|null  $livedTo  the last day to which it can have lasted, today for somebody living; null where that is open
     */
    public static function draw(array $own, array $family, ?int $bornFrom = null, ?int $livedTo = null): self
    {
        $spans = [];
        foreach ($own as $event) {
            $span = self::closed($event);
            if ($span !== null && ! $event->denied) {
                $spans[] = [$event, $span, '', 'own', ''];
            }
        }
        if ($spans === []) {
            return new self([], []);
        }
        $first = min(array_map(static fn (array $s): int => (int) $s[1]->earliest, $spans));
        $last = max(array_map(static fn (array $s): int => (int) $s[1]->latest, $spans));
        $isTold = static fn (EventTrait ...$traits): bool => array_filter($spans,
            static fn (array $s): bool => array_filter($traits, $s[0]->is(...)) !== []) !== [];
        $first = $isTold(EventTrait::Birth, EventTrait::SignOfBirth) ? $first : min($first, $bornFrom ?? $first);
        $last = $isTold(EventTrait::Death, EventTrait::SignOfDeath) ? $last : max($last, $livedTo ?? $last);
        foreach ($family as [$whose, $event, $personId]) {
            $span = self::closed($event);
            if ($span !== null && $span->earliest >= $first && $span->latest <= $last) {
                $spans[] = [$event, $span, $whose, 'family', $personId];
            }
        }
        $pad = max(365, intdiv($last - $first, 40));
        [$first, $last] = [$first - $pad, $last + $pad];
        $at = static fn (?int $day): float => round(((int) $day - $first) / ($last - $first), 5);
        usort($spans, static fn (array $a, array $b): int => $a[1]->earliest <=> $b[1]->earliest);
        $isAtEnd = static fn (DaySpan $span): bool => $at($span->earliest) > self::AT_END;
        $lanes = self::lanes(
            array_map(static fn (array $s): array => [$s[3],
                $isAtEnd($s[1]) ? $at((int) $s[1]->latest + 1) - self::WORDS_WIDTH : $at($s[1]->earliest)], $spans));
        $marks = array_map(static fn (array $s, int $lane): StripMark => new StripMark(
            $s[0]->id, $s[0]->word(), $s[0]->date->shown, $s[2], $s[4], $s[3],
            $at($s[1]->earliest), $at((int) $s[1]->latest + 1), $s[1]->softBefore > 0, $s[1]->softAfter > 0, $lane,
            $s[0]->date->kind === DateKind::Period, $isAtEnd($s[1]),
        ), $spans, $lanes);

        return new self($marks, self::years($first, $last, $at));
    }

    /**
     * Gives words that would overlap different heights.
     *
     * @param  list<array{string, float}>  $words  row and place, from left to right
     * @return list<int>
     */
    private static function lanes(array $words): array
    {
        $free = [];
        $lanes = [];
        foreach ($words as [$row, $at]) {
            $free[$row] ??= array_fill(0, $row === 'own' ? self::OWN_LANES : self::FAMILY_LANES, -1.0);
            $lane = -1;
            foreach ($free[$row] as $candidate => $until) {
                if ($until <= $at) {
                    $lane = $candidate;
                    $free[$row][$candidate] = $at + self::WORDS_WIDTH;
                    break;
                }
            }
            $lanes[] = $lane;
        }

        return $lanes;
    }

    /** The span of an event, an open side closed at the day that is named. */
    private static function closed(Event $event): ?DaySpan
    {
        $span = $event->date->span();
        if ($span === null || ($span->earliest === null && $span->latest === null)) {
            return null;
        }

        return DaySpan::restore(
            $span->earliest ?? $span->latest, $span->latest ?? $span->earliest,
            $span->earliest === null ? 1 : $span->softBefore, $span->latest === null ? 1 : $span->softAfter,
        );
    }

    /**
     * @param  callable(int): float  $at
     * @return list<array{float, int}>
     */
    private static function years(int $first, int $last, callable $at): array
    {
        $calendar = Calendars::gregorian();
        $from = $calendar->fromDay($first)[0] + 1;
        $to = $calendar->fromDay($last)[0];
        $step = match (true) {
            $to - $from > 300 => 50,
            $to - $from > 120 => 20,
            $to - $from > 25 => 10,
            $to - $from > 10 => 5,
            default => 1,
        };
        $years = [];
        for ($year = (int) (ceil($from / $step) * $step); $year <= $to; $year += $step) {
            $years[] = [$at($calendar->toDay($year, 1, 1)), $year];
        }

        return $years;
    }
}
