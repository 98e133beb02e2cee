<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;

final class NoSuchDay extends \DomainException
{
    public static function day(Calendar $calendar, int $year, int $month, int $day): self
    {
        $name = MonthNames::full($month);

        return new self($day < 1
            ? "There is no day {$day}."
            : "{$name} {$year} has {$calendar->daysInMonth($year, $month)} days, not {$day}.");
    }

    public static function month(int $month): self
    {
        return new self("There is no month {$month}.");
    }
}
