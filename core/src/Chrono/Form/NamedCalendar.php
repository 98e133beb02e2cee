<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\DateReader;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Reckoning;

/** JULIAN 10 FEB 1731 (version 7) and @#DJULIAN@ 10 FEB 1731 (5.5.1): the standard's way to name a calendar. */
final readonly class NamedCalendar implements DateForm
{
    public function read(string $text, Reckoning $reckoning, DateReader $reader): ?GenDate
    {
        foreach (Calendars::all() as $calendar) {
            foreach ([$calendar->escape(), $calendar->keyword()] as $prefix) {
                if (stripos($text, $prefix.' ') === 0) {
                    return $reader->plain(substr($text, strlen($prefix) + 1), $reckoning->in($calendar));
                }
            }
        }

        return null;
    }
}
