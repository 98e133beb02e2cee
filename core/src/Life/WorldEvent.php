<?php

declare(strict_types=1);

namespace NorthBough\Core\Life;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\Places;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Tree\Person;

/** Something that happened in the world around somebody: a war, a fire, the coming of a register. */
final readonly class WorldEvent
{
    /** @param  string  $place  as typed; empty for everywhere */
    public function __construct(public string $id, public string $words, public GenDate $date, public string $place)
    {
    }

    /**
     * Whether it belongs beside a life: it can have been in that lifetime, and where something of that life happened.
     * Of a life without a beginning nothing is known to lie beside it.
     */
    public function concerns(Person $person): bool
    {
        $then = $this->date->span();
        $life = self::lifetime($person);
        if ($then === null || $life === null) {
            return false;
        }
        $isThen = ($then->latest === null || $life->earliest === null || $then->latest >= $life->earliest)
            && ($then->earliest === null || $life->latest === null || $then->earliest <= $life->latest);

        return $isThen && $this->isWhere($person);
    }

    /** From the first to the last day that somebody is told of; null of a life without a beginning. */
    public static function lifetime(Person $person): ?DaySpan
    {
        $birth = $person->vitals()->beginning()?->date->span();
        if ($birth?->earliest === null) {
            return null;
        }
        $last = $person->vitals()->end()?->date->span()?->latest;
        foreach ($last === null ? $person->events : [] as $event) {
            $last = max($last ?? $birth->latest, $event->date->span()?->latest);
        }

        return DaySpan::between($birth->earliest, $last !== null && $last < $birth->earliest ? null : $last);
    }

    private function isWhere(Person $person): bool
    {
        if ($this->place === '') {
            return true;
        }
        foreach ($person->events as $event) {
            if ($event->place !== ''
                && in_array(Places::compare($this->place, $event->place)->verdict, [Verdict::Same, Verdict::Fits], true)) {
                return true;
            }
        }

        return false;
    }
}
