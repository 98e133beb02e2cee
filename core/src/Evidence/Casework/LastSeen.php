<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Casework;

use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Person;

/**
 * The last fact at which somebody certainly lived, a bound on their death; of a period, its beginning. "First missing" is
 * nothing that facts can tell: only a search of a complete series does.
 */
final class LastSeen
{
    public static function of(Person $person): ?Event
    {
        $last = null;
        $latest = PHP_INT_MIN;
        foreach ($person->events as $event) {
            $earliest = $event->date->span()?->earliest;
            if ($earliest !== null && ! $event->denied && $event->standing->mayLead() && ! $event->is(EventTrait::OfTheDead)
                && $earliest > $latest) {
                [$last, $latest] = [$event, $earliest];
            }
        }

        return $last;
    }
}
