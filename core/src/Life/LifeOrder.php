<?php

declare(strict_types=1);

namespace NorthBough\Core\Life;

use NorthBough\Core\Tree\Event;

/** The order in which a life is told: by date; of what has none, its beginnings first and the rest last. */
final class LifeOrder
{
    private const UNDATED = ['birth' => -4, 'christening' => -3, 'baptism' => -2, 'death' => 2, 'burial' => 3, 'cremation' => 3, 'probate' => 4];

    /**
     * @param  list<Event>  $events  in hand order
     * @return list<Event>
     */
    public static function sorted(array $events): array
    {
        $keys = [];
        foreach ($events as $index => $event) {
            $span = $event->date->span();
            $place = self::UNDATED[$event->kind] ?? 1;
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
}
