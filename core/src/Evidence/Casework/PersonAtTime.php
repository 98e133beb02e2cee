<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Casework;

use NorthBough\Core\Chrono\Age;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Person;

/** What is known of somebody at one time: how old, where they lived, whether they lived. */
final readonly class PersonAtTime
{
    /** Years before and after in which a place is still taken for where somebody lived then. */
    public const NEAR_YEARS = 10;

    /**
     * @param  string  $age  empty where no birth is told, or they were not born
     * @param  Event|null  $nearest  the fact with a place that lies nearest to it; null for none near
     * @param  string  $not  "not born yet", "dead by then", or empty
     */
    private function __construct(public string $age, public ?Event $nearest, public string $not)
    {
    }

    public static function of(Person $person, DaySpan $then): self
    {
        $birth = $person->vitals()->birth()?->date->span();
        $death = $person->vitals()->end()?->date->span();
        $not = match (true) {
            $birth?->earliest !== null && $then->latest !== null && $birth->earliest > $then->latest => 'not born yet',
            $death?->latest !== null && $then->earliest !== null && $death->latest < $then->earliest => 'dead by then',
            default => '',
        };

        return new self($birth === null || $not !== '' ? '' : Age::at($birth, $then)?->shown() ?? '',
            $not === '' ? self::nearest($person, $then) : null, $not);
    }

    private static function nearest(Person $person, DaySpan $then): ?Event
    {
        $best = null;
        $least = self::NEAR_YEARS * 366;
        foreach ($person->events as $event) {
            if ($event->place === '' || $event->denied || ! $event->standing->mayLead() || $event->is(EventTrait::OfTheDead)) {
                continue;
            }
            $away = self::daysApart($event->date->span(), $then);
            if ($away !== null && $away < $least) {
                [$best, $least] = [$event, $away];
            }
        }

        return $best;
    }

    /** Days between two spans, 0 where they touch; null where one is open on the side of the other. */
    private static function daysApart(?DaySpan $daySpan, DaySpan $otherSpan): ?int
    {
        if ($daySpan?->earliest === null || $daySpan->latest === null || $otherSpan->earliest === null || $otherSpan->latest === null) {
            return null;
        }

        return max(0, $daySpan->earliest - $otherSpan->latest, $otherSpan->earliest - $daySpan->latest);
    }
}
