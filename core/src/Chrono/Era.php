<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;

/** How a book wrote its dates until a certain day. `until` is a day number, included; null is without end. */
final readonly class Era
{
    public function __construct(
        public Calendar $calendar,
        public YearStart $yearStart,
        public ?int $until,
    ) {
    }
}
