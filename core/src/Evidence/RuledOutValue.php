<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Standing;

/** A value that is entered anew though it was ruled out: it is shown, so that nobody enters it again unawares. */
final class RuledOutValue
{
    /** @param  list<Event>  $events  of the same person or couple */
    public static function among(array $events, string $kind, GenDate $date, string $value): ?Event
    {
        foreach ($events as $event) {
            $isSameTime = $event->date->readings === [] && $date->readings === [] || Dates::compare($event->date, $date)
                ->verdict === Verdict::Same;
            if ($event->standing === Standing::RuledOut && $event->kind === $kind && $isSameTime
                && SearchForm::of($event->value) === SearchForm::of($value)) {
                return $event;
            }
        }

        return null;
    }
}
