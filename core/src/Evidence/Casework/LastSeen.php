<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Casework;

use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;

/**
 * The last fact at which somebody certainly lived, a bound on their death; of a period, its beginning. "First missing" is
 * nothing that facts can tell: only a search of a complete series does.
 */
final class LastSeen
{
    private const OF_THE_DEAD = ['death', 'burial', 'cremation', 'probate'];

    public static function of(Person $person): ?Event
    {
        $last = null;
        $latest = PHP_INT_MIN;
        foreach ($person->events as $event) {
            $earliest = $event->date->span()?->earliest;
            if ($earliest !== null && ! $event->denied && $event->standing->mayLead() && ! in_array($event->kind, self::OF_THE_DEAD, true) && $earliest > $latest) {
                [$last, $latest] = [$event, $earliest];
            }
        }

        return $last;
    }
}
