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
        foreach ($events as $at => $one) {
            foreach (array_slice($events, $at + 1) as $other) {
                if (! $one->isOfKindOf($other) || $one->denied || $other->denied || ! $one->isSingle()) {
                    continue;
                }
                $beside = array_map(static fn (Event $event) => $event->standing,
                    array_filter($events, static fn (Event $event): bool => $event->isOfKindOf($one) && ! $event->denied));
                $verdict = UndecidedConflict::between($one->standing, $other->standing, array_values($beside))
                    ? Dates::compare($one->date, $other->date)->verdict : Verdict::Same;
                if ($verdict === Verdict::Contradicts || $verdict === Verdict::Strains) {
                    foreach ([$one->id, $other->id] as $id) {
                        $contested[$id] = ($contested[$id] ?? null) === Verdict::Contradicts ? Verdict::Contradicts : $verdict;
                    }
                }
            }
        }

        return $contested;
    }
}
