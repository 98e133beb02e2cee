<?php

declare(strict_types=1);

namespace NorthBough\Core\Life;

use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventTrait;

/** The order in which a life is told: by date; of what has none, its beginnings first and the rest last. */
final class LifeOrder
{
    /**
     * @param  list<Event>  $events  in hand order
     * @return list<Event>
     */
    public static function sorted(array $events): array
    {
        $keys = [];
        foreach ($events as $index => $event) {
            $span = $event->date->span();
            $place = self::place($event);
            // "May 1799" of a burial goes after "3 May 1799" of a death.
            $day = $place > 1 ? $span->latest ?? $span?->earliest : $span->earliest ?? $span?->latest;
            $keys[] = match (true) {
                $place < 0 && $day === null => [0, $place, 0, $index],
                $day !== null => [1, $day, $place, $index],
                default => [2, $place, 0, $index],
            };
        }
        asort($keys);

        return array_map(static fn (int $index): Event => $events[$index], array_keys($keys));
    }

    /** Below 0 for what begins a life, above 1 for what ends it. */
    private static function place(Event $event): int
    {
        return match (true) {
            $event->is(EventTrait::Birth) => -2,
            $event->is(EventTrait::SignOfBirth) => -1,
            $event->is(EventTrait::Death) => 2,
            $event->is(EventTrait::SignOfDeath) => 3,
            $event->is(EventTrait::OfTheDead) => 4,
            default => 1,
        };
    }
}
