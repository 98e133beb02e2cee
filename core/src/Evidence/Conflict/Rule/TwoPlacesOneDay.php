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
use NorthBough\Core\Tree\EventTrait;

/**
 * Residences, trades, ceremonies and whatever else may have many values disagree only when nobody could be in both on one
 * day: both on the very same day, at two places that the gazetteer keeps apart.
 */
final class TwoPlacesOneDay implements ConflictRule
{
    public function find(ConflictSubject $subject, GazetteerPlaces $places): array
    {
        $events = $subject->person->events;
        foreach ($subject->unions as $union) {
            array_push($events, ...array_filter($union->events, static fn (Event $event): bool => $event->kind === 'marriage'));
        }
        $present = array_values(
            array_filter($events,
                static fn (Event $event): bool => $event->is(EventTrait::Presence) && ! $event->denied && $event->place !== ''
                    && self::day($event) !== null));
        $found = [];
        foreach ($present as $at => $presence) {
            foreach (array_slice($present, $at + 1) as $otherEvent) {
                // Two births, or two deaths, are one value told twice: OneBirthOneDeath weighs them.
                $isOneValue = $presence->kind === $otherEvent->kind
                    && ($presence->is(EventTrait::Birth) || $presence->is(EventTrait::Death));
                $isHomeAway = $presence->is(EventTrait::Residence) !== $otherEvent->is(EventTrait::Residence);
                if ($isOneValue || $isHomeAway || self::day($presence) !== self::day($otherEvent)
                    || ! UndecidedConflict::between($presence->standing, $otherEvent->standing)) {
                    continue;
                }
                $where = $places->compare($presence->place, $otherEvent->place, $presence->date->span());
                if ($where->verdict === Verdict::Contradicts) {
                    $found[] = new Conflict('presence', Verdict::Contradicts, [$presence->id, $otherEvent->id],
                        "{$presence->word()} and {$otherEvent->word()} on {$presence->date->shown}: {$where->ground}", 1 - $where->level);
                }
            }
        }

        return $found;
    }

    /** The one day on which it was; null for what lasted, or is not known to the day. */
    private static function day(Event $event): ?int
    {
        $span = $event->date->span();

        return count($event->date->readings) === 1 && $event->date->readings[0]->end === null && $span?->earliest !== null
            && $span->earliest === $span->latest
            && $span->softBefore === 0 && $span->softAfter === 0 ? $span->earliest : null;
    }
}
