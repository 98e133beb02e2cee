<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Calendar;

final class UnknownCalendar extends \DomainException
{
    public static function named(string $keyword): self
    {
        return new self("North Bough does not reckon in the calendar “{$keyword}”. The words are kept as they stand.");
    }
}
