<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\Places;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;

/** An event that several people were at: the same kind, on days and at places that fit. What it says of each of them may differ. */
final class SharedEvent
{
    /**
     * @param  list<Event>  $events  of somebody else
     * @return Event|null the one that is the same, the first in their order; null where they have none
     */
    public static function among(Event $event, array $events): ?Event
    {
        foreach ($events as $otherEvent) {
            if ($otherEvent->kind === $event->kind && ! $otherEvent->denied && $otherEvent->standing !== Standing::RuledOut
                && self::isSame($event, $otherEvent)) {
                return $otherEvent;
            }
        }

        return null;
    }

    /** Whether others can have been at it too: nobody shares a birth or a death. */
    public static function canBeShared(Event $event): bool
    {
        return ! $event->denied && ! EventKinds::named($event->kind)->single;
    }

    /** Whether somebody can have been there: born by then, and not dead before, as far as the tree knows. */
    public static function canHaveBeenAt(Event $event, Person $person): bool
    {
        $day = $event->date->span();
        $born = $person->vitals()->birth()?->date->span();
        $died = $person->vitals()->end()?->date->span();
        $isUnborn = $day?->latest !== null && $born?->earliest !== null && $born->earliest - $born->softBefore > $day->latest;
        $isDead = $day?->earliest !== null && $died?->latest !== null && $died->latest + $died->softAfter < $day->earliest;

        return ! $isUnborn && ! $isDead;
    }

    private static function isSame(Event $event, Event $otherEvent): bool
    {
        $isSameTime = in_array(Dates::compare($event->date, $otherEvent->date)->verdict, [Verdict::Same, Verdict::Fits], true);
        $isElsewhere = $event->place !== '' && $otherEvent->place !== '' && Places::compare($event->place, $otherEvent->place)
            ->verdict === Verdict::Incomparable;

        return $isSameTime && ! $isElsewhere;
    }
}
