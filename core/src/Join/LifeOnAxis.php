<?php

declare(strict_types=1);

namespace NorthBough\Core\Join;

use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;

/** The dated events of two to four lives on one axis of years, so that they can be laid over each other. */
final readonly class LifeOnAxis
{
    private const YEAR = 365.2425;

    /**
     * @param  list<array{float, float, string}>  $marks  from and to as shares of the axis, and what it is
     */
    private function __construct(public string $personId, public array $marks)
    {
    }

    /**
     * @param  list<Person>  $people
     * @return array{list<self>, int, int} a life a person, and the first and last year of the axis; 0 and 0 where nothing is dated
     */
    public static function of(array $people): array
    {
        $told = array_map(self::told(...), $people);
        $days = array_merge(
            ...array_map(static fn (array $events): array => [...array_column($events, 0), ...array_column($events, 1)], $told));
        if ($days === []) {
            return [array_map(static fn (Person $person): self => new self($person->id, []), $people), 0, 0];
        }
        [$first, $last] = [(int) floor(self::year(min($days))), (int) ceil(self::year(max($days)) + 0.001)];
        $share = static fn (int $day): float => round((self::year($day) - $first) / max(1, $last - $first), 4);

        return [array_map(static fn (Person $person, array $events): self => new self($person->id, array_map(
            static fn (array $event): array => [$share($event[0]), $share($event[1]), $event[2]], $events)), $people, $told),
            $first, $last];
    }

    /** @return list<array{int, int, string}> first and last day, and the words, of what has both and counts */
    private static function told(Person $person): array
    {
        $told = [];
        foreach ($person->events as $event) {
            $span = $event->denied || ! self::counts($event) ? null : $event->date->span();
            if ($span?->earliest !== null && $span->latest !== null) {
                $told[] = [$span->earliest, $span->latest, "{$event->word()} {$event->date->shown}"];
            }
        }

        return $told;
    }

    private static function counts(Event $event): bool
    {
        return $event->standing->value !== 'ruled out';
    }

    private static function year(int $day): float
    {
        // 1 January of the year 0 is Julian Day Number 1721060.
        return ($day - 1721060) / self::YEAR;
    }
}
