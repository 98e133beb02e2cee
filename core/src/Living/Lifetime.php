<?php

declare(strict_types=1);

namespace NorthBough\Core\Living;

use NorthBough\Core\Chrono\Lapse;
use NorthBough\Core\Tree\Event;

/**
 * What is certain of a life for the question whether it may still last: the latest day of the birth, and the day
 * from which the person counts as dead. Estimates and rivals never shorten a life; nobody datable counts as living.
 */
final readonly class Lifetime
{
    private const DEATH = ['death', 'burial', 'cremation', 'probate'];

    /** What only an adult has. */
    private const ADULT = [
        'marriage', 'banns', 'licence', 'contract', 'settlement', 'divorce', 'divorce_filed', 'annulment', 'will', 'retirement', 'ordination',
        'adult_christening',
    ];

    /**
     * @param  int|null  $bornBy  number of the latest day on which the person can have been born
     * @param  int|null  $deadFrom  number of the day from which the person counts as dead; 0 is always, null never
     */
    private function __construct(public ?int $bornBy, public ?int $deadFrom)
    {
    }

    /**
     * @param  list<Event>  $events  the person's own and those of their unions
     * @param  list<int>  $childrenBornBy  the latest births of children by birth
     * @param  list<int>  $mothersDeaths  the latest certain days of death of mothers by birth
     * @param  bool  $saidDead  an editor says that the person is dead
     */
    public static function of(array $events, array $childrenBornBy, array $mothersDeaths, bool $saidDead, LivingRule $rule): self
    {
        $bounds = [...$childrenBornBy, ...$mothersDeaths];
        $adult = $childrenBornBy;
        $deaths = $saidDead ? [0] : [];
        foreach ($events as $event) {
            if ($event->denied || ! $event->standing->mayLead()) {
                continue;
            }
            $latest = self::latestCertain($event);
            if (in_array($event->kind, self::DEATH, true)) {
                $deaths[] = $latest ?? 0;
            }
            if ($latest !== null) {
                $bounds[] = $latest;
                $adult = in_array($event->kind, self::ADULT, true) ? [...$adult, $latest] : $adult;
            }
        }
        $bornBy = $bounds === [] ? null : min($bounds);
        $ends = $deaths;
        if ($bornBy !== null) {
            $ends[] = (new Lapse($rule->yearsAfterBirth, 0, 1))->after($bornBy);
        }
        if ($adult !== []) {
            $ends[] = (new Lapse($rule->yearsAfterAdultEvent, 0, 1))->after(min($adult));
        }

        return new self($bornBy, $ends === [] ? null : min($ends));
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
            if (! $event->denied && $event->standing->mayLead() && in_array($event->kind, ['death', 'burial', 'cremation'], true)) {
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
