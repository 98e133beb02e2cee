<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict\Rule;

use NorthBough\Core\Compare\Comparison;
use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\GazetteerPlaces;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Evidence\Conflict\Conflict;
use NorthBough\Core\Evidence\Conflict\ConflictRule;
use NorthBough\Core\Evidence\Conflict\ConflictSubject;
use NorthBough\Core\Evidence\Conflict\UndecidedConflict;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Standing;

/**
 * Nobody is born or dies twice. Days decide first; two places that the gazetteer keeps apart contradict
 * where the days do not. A baptism, a burial or a registration bounds a birth or a death and is never compared with it.
 */
final class OneBirthOneDeath implements ConflictRule
{
    public function find(ConflictSubject $subject, GazetteerPlaces $places): array
    {
        $found = [];
        foreach ([EventTrait::Birth, EventTrait::Death] as $trait) {
            $claimed = array_values(
                array_filter($subject->person->events, static fn (Event $event): bool => $event->is($trait) && ! $event->denied));
            $conflict = self::among($trait->value, $claimed, $places);
            if ($conflict !== null) {
                $found[] = $conflict;
            }
        }

        return $found;
    }

    /** @param  list<Event>  $claimed */
    private static function among(string $kind, array $claimed, GazetteerPlaces $places): ?Conflict
    {
        $worst = null;
        $ids = [];
        $standings = array_map(static fn (Event $event): Standing => $event->standing, $claimed);
        foreach ($claimed as $at => $claimedEvent) {
            foreach (array_slice($claimed, $at + 1) as $rival) {
                $comparison = UndecidedConflict::between($claimedEvent->standing, $rival->standing, $standings)
                    ? self::compare($claimedEvent, $rival, $places) : null;
                if ($comparison === null) {
                    continue;
                }
                $ids += [$claimedEvent->id => true, $rival->id => true];
                $isWorse = $worst === null || ($comparison->verdict === Verdict::Contradicts && $worst->verdict !== Verdict::Contradicts)
                    || ($comparison->verdict === $worst->verdict && $comparison->level < $worst->level);
                $worst = $isWorse ? $comparison : $worst;
            }
        }

        return $worst === null ? null
            : new Conflict($kind, $worst->verdict, self::inOrder($claimed, $ids), $worst->ground, 1 - $worst->level);
    }

    /** What disagrees between two; null where they agree or say nothing of one another. */
    private static function compare(Event $event, Event $otherEvent, GazetteerPlaces $places): ?Comparison
    {
        $days = Dates::compare($event->date, $otherEvent->date);
        if ($days->verdict === Verdict::Contradicts) {
            return $days;
        }
        $where = $event->place === '' || $otherEvent->place === '' ? null
            : $places->compare($event->place, $otherEvent->place, $event->date->span());

        return match (true) {
            $where?->verdict === Verdict::Contradicts => $where,
            $days->verdict === Verdict::Strains => $days,
            $where?->verdict === Verdict::Strains => $where,
            default => null,
        };
    }

    /**
     * @param  list<Event>  $claimed
     * @param  array<string, true>  $ids
     * @return list<string>
     */
    private static function inOrder(array $claimed, array $ids): array
    {
        return array_values(
            array_filter(array_map(static fn (Event $event): string => $event->id, $claimed),
                static fn (string $id): bool => isset($ids[$id])));
    }
}
