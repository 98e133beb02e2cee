<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;
use NorthBough\Core\Chrono\Calendar\Calendars;

/**
 * How a source, a place or a tree writes its dates. Where nothing is known the Gregorian calendar counts, and
 * dual years before 1752 are old style: Julian, the year beginning on 25 March.
 */
final readonly class Reckoning
{
    private function __construct(
        public DayOrder $order,
        public Calendar $calendar,
        public bool $boundsAreInclusive,
    ) {
    }

    public static function unknown(): self
    {
        return new self(DayOrder::Unsettled, Calendars::gregorian(), false);
    }

    public static function writtenIn(DayOrder $order): self
    {
        return new self($order, Calendars::gregorian(), false);
    }

    /** A file of version 7: BEF and AFT mean no later and no earlier than. */
    public static function ofVersion7(): self
    {
        return new self(DayOrder::Unsettled, Calendars::gregorian(), true);
    }

    public function in(Calendar $calendar): self
    {
        return new self($this->order, $calendar, $this->boundsAreInclusive);
    }
}
