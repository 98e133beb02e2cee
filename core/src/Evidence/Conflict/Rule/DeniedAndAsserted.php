<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict\Rule;

use NorthBough\Core\Compare\GazetteerPlaces;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Evidence\Conflict\Conflict;
use NorthBough\Core\Evidence\Conflict\ConflictRule;
use NorthBough\Core\Evidence\Conflict\ConflictSubject;
use NorthBough\Core\Evidence\Conflict\UndecidedConflict;
use NorthBough\Core\Tree\Event;

/** "It did not happen" is a fact too: never wed, and a wedding; never baptised, and a baptism. */
final class DeniedAndAsserted implements ConflictRule
{
    public function find(ConflictSubject $subject, GazetteerPlaces $places): array
    {
        $claimed = $subject->person->events;
        foreach ($subject->unions as $union) {
            array_push($claimed, ...$union->events);
        }
        $found = [];
        foreach (array_filter($claimed, static fn (Event $event): bool => $event->denied) as $denied) {
            foreach ($claimed as $event) {
                if (! $event->denied && $event->kind === $denied->kind && UndecidedConflict::between($denied->standing, $event->standing)
                    && self::isWithin($event, $denied)) {
                    $found[] = new Conflict($event->kind, Verdict::Contradicts, [$denied->id, $event->id],
                        "{$event->word()} is told, and that it did not happen.", 1.0);
                }
            }
        }

        return $found;
    }

    /** A denial that names a time says nothing of what came after it: never wed by 1881. */
    private static function isWithin(Event $event, Event $denied): bool
    {
        $until = $denied->date->span()?->latest;
        $when = $event->date->span()?->earliest;

        return $until === null || ($when !== null && $when <= $until);
    }
}
