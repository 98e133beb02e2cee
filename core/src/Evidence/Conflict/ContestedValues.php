<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict;

use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Tree\Event;

/** Which values of a life disagree with another value of the same kind that nobody has decided about. */
final class ContestedValues
{
    /**
     * @param  list<Event>  $events  of one person
     * @return array<string, Verdict> how far each disagrees: contradicts, or strains; by id, others are missing
     */
    public static function among(array $events): array
    {
        $contested = [];
        foreach ($events as $at => $value) {
            foreach (array_slice($events, $at + 1) as $otherEvent) {
                if (! $value->isOfKindOf($otherEvent) || $value->denied || $otherEvent->denied || ! $value->isSingle()) {
                    continue;
                }
                $beside = array_map(static fn (Event $event) => $event->standing,
                    array_filter($events, static fn (Event $event): bool => $event->isOfKindOf($value) && ! $event->denied));
                $verdict = UndecidedConflict::between($value->standing, $otherEvent->standing, array_values($beside))
                    ? Dates::compare($value->date, $otherEvent->date)->verdict : Verdict::Same;
                if ($verdict === Verdict::Contradicts || $verdict === Verdict::Strains) {
                    foreach ([$value->id, $otherEvent->id] as $id) {
                        $contested[$id] = ($contested[$id] ?? null) === Verdict::Contradicts ? Verdict::Contradicts : $verdict;
                    }
                }
            }
        }

        return $contested;
    }
}
