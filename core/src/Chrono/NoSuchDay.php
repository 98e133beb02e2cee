<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;

final class NoSuchDay extends \DomainException
{
    public static function day(Calendar $calendar, int $year, int $month, int $day): self
    {
        $name = $calendar->monthName($month);

        return new self($day < 1
            ? "There is no day {$day}."
            : "{$name} {$calendar->yearWords($year)} has {$calendar->daysInMonth($year, $month)} days, not {$day}.");
    }

    public static function ofAnyMonth(int $day): self
    {
        return new self("No month has a day {$day}.");
    }

    public static function month(int $month): self
    {
        return new self("There is no month {$month}.");
    }

    public static function monthOf(Calendar $calendar, int $year, int $month): self
    {
        return new self("{$calendar->yearWords($year)} has no {$calendar->monthName($month)}.");
    }

    public static function inThisReckoning(string $words): self
    {
        return new self("There was no {$words} in this reckoning: the calendar was changed over it.");
    }
}
