<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;

/** What a drawing says of a person, in a line each. */
final class PersonText
{
    /** @return list<string> */
    public static function lines(Person $person): array
    {
        return array_values(array_filter([BoxLine::Birth->of($person), BoxLine::Death->of($person)],
            static fn (string $line): bool => $line !== ''));
    }

    /** Whether the facts that are drawn stand on records: cited, partly, uncited. */
    public static function backing(Person $person): string
    {
        $events = array_filter([$person->vitals()->beginning(), $person->vitals()->end()]);
        $cited = array_filter($events, static fn (Event $event): bool => $event->grounds() !== []);

        return match (count($cited)) {
            0 => 'uncited',
            count($events) => 'cited',
            default => 'partly',
        };
    }
}
