<?php

declare(strict_types=1);

namespace NorthBough\Core\Life;

use NorthBough\Core\Chrono\CalendarInterval;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Vitals;

/**
 * What is certain of a life for the question whether it may still last: between which days the birth lies, and the day
 * from which the person counts as dead. Estimates and rivals never shorten a life; nobody datable counts as living.
 *
 * One's own certain birth outweighs whatever comes from kin, so that a wrong tie unshields nobody; where bounds
 * contradict one another and no such birth is there to decide, the person counts as living.
 */
final readonly class LivingRule
{
    /**
     * @param  int|null  $bornFrom  number of the earliest day on which the person can have been born, by their own birth alone
     * @param  int|null  $bornBy  number of the latest day on which the person can have been born
     * @param  int|null  $deadFrom  number of the day from which the person counts as dead; 0 is always, null never
     */
    private function __construct(public ?int $bornFrom, public ?int $bornBy, public ?int $deadFrom)
    {
    }

    /**
     * @param  list<Event>  $events  the person's own and those of their unions
     * @param  bool  $saidDead  an editor says that the person is dead
     */
    public static function of(array $events, KinBirthBounds $kin, bool $saidDead, DeathYears $rule): self
    {
        $events = array_values(array_filter($events, static fn (Event $event): bool => ! $event->denied && $event->standing->mayLead()));
        $deaths = $saidDead ? [0] : [];
        foreach ($events as $event) {
            if ($event->is(EventTrait::OfTheDead)) {
                $deaths[] = self::latestCertain($event) ?? 0;
            }
        }
        [$bornFrom, $ownBirth, $softBirth] = self::birth($events);
        [$bornBy, $adultBy] = self::bounds($events, $kin, $bornFrom, $ownBirth);
        if ($ownBirth === null && self::contradict($bornBy, $bornFrom, $kin)) {
            $bornBy = $softBirth === null ? null : max($softBirth, $bornBy);
            $adultBy = null;
        }
        $ends = [
            ...($bornBy === null ? [] : [(new CalendarInterval($rule->yearsAfterBirth, 0, 1))->after($bornBy)]),
            ...($adultBy === null ? [] : [(new CalendarInterval($rule->yearsAfterAdultEvent, 0, 1))->after($adultBy)]),
        ];
        if ($ends !== [] && $ownBirth === null && self::isSeenFrom($events, min($ends))) {
            [$bornBy, $ends] = [null, []];
        }
        $ends = [...$ends, ...$deaths];

        return new self($bornFrom, $bornBy, $ends === [] ? null : min($ends));
    }

    /**
     * The person's own birth: its first day, its last day where the words fix it, and its last day with our allowance.
     * Where several births may lead, the latest counts: the person was not born before all of them are past. A
     * christening stands in for a birth that is not told, without a first day.
     *
     * @param  list<Event>  $events  those that may lead
     * @return array{int|null, int|null, int|null}
     */
    private static function birth(array $events): array
    {
        $births = array_values(array_filter($events, static fn (Event $event): bool => $event->is(EventTrait::Birth)));
        $accepted = array_values(array_filter($births, static fn (Event $event): bool => $event->standing === Standing::Accepted));
        $from = $certain = $soft = [];
        foreach ($accepted === [] ? $births : $accepted as $birth) {
            foreach ($birth->date->readings as $reading) {
                $from[] = $reading->begin->earliest;
                $soft[] = $reading->begin->latest;
            }
            $certain[] = self::latestCertain($birth);
        }
        if ($births === []) {
            $sign = Vitals::of($events)->signOfBirth();

            return [null, $sign === null ? null : self::latestCertain($sign), null];
        }
        $from = array_filter($from, static fn (?int $day): bool => $day !== null);
        $soft = array_filter($soft, static fn (?int $day): bool => $day !== null);

        return [$from === [] ? null : min($from), $certain === [] || in_array(null, $certain, true) ? null : max($certain),
            $soft === [] ? null : max($soft)];
    }

    /**
     * The latest certain day of the birth, and that of the first thing that only an adult has. What lies before one's
     * own birth contradicts it and counts for nothing.
     *
     * @param  list<Event>  $events  those that may lead
     * @return array{int|null, int|null}
     */
    private static function bounds(array $events, KinBirthBounds $kin, ?int $bornFrom, ?int $ownBirth): array
    {
        $isBefore = static fn (int $day): bool => $ownBirth !== null && $day < ($bornFrom ?? $ownBirth);
        $bounds = $ownBirth === null ? [...$kin->childrenBornBy, ...$kin->mothersDeaths] : [$ownBirth];
        $adult = $ownBirth === null ? $kin->childrenBornBy : [];
        foreach ($events as $event) {
            $latest = $event->is(EventTrait::Birth) ? null : self::latestCertain($event);
            if ($latest !== null && ! $isBefore($latest)) {
                $bounds[] = $latest;
                $adult = $event->is(EventTrait::OfAnAdult) ? [...$adult, $latest] : $adult;
            }
        }
        if ($ownBirth !== null && $bornFrom === null && Vitals::of($events)->birth() !== null) {
            // "Before 1950" leaves room for what kin tell.
            array_push($bounds, ...$kin->childrenBornBy, ...$kin->mothersDeaths);
        }

        return [$bounds === [] ? null : min($bounds), $adult === [] ? null : min($adult)];
    }

    private static function contradict(?int $bornBy, ?int $bornFrom, KinBirthBounds $kin): bool
    {
        $from = [...($bornFrom === null ? [] : [$bornFrom]), ...$kin->parentsBornFrom];

        return $bornBy !== null && $from !== [] && max($from) > $bornBy;
    }

    /** @param  list<Event>  $events  those that may lead */
    private static function isSeenFrom(array $events, int $day): bool
    {
        foreach ($events as $event) {
            $earliest = $event->is(EventTrait::OfTheLiving) ? $event->date->span()?->earliest : null;
            if ($earliest !== null && $earliest >= $day) {
                return true;
            }
        }

        return false;
    }

    /**
     * The latest day on which somebody can have died, by events that are certain.
     *
     * @param  list<Event>  $events
     */
    public static function diedBy(array $events): ?int
    {
        $latest = [];
        foreach ($events as $event) {
            if (! $event->denied && $event->standing->mayLead() && ($event->is(EventTrait::Death) || $event->is(EventTrait::SignOfDeath))) {
                $latest[] = self::latestCertain($event);
            }
        }
        $latest = array_filter($latest, static fn (?int $day): bool => $day !== null);

        return $latest === [] ? null : min($latest);
    }

    /** The last day of the event that its words fix, whichever way they are read; null where our allowance sets it. */
    private static function latestCertain(Event $event): ?int
    {
        $latest = null;
        foreach ($event->date->readings as $reading) {
            // Of what lasted, the beginning is what was lived first.
            $begin = $reading->begin;
            if ($begin->latest === null || $begin->softAfter > 0) {
                return null;
            }
            $latest = max($latest ?? $begin->latest, $begin->latest);
        }

        return $latest;
    }
}
