<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;
use NorthBough\Core\Chrono\Calendar\Calendars;

/**
 * How a source, a place or a tree writes its dates: the order of bare numbers, the calendar and the first day of
 * the year, each until a day, and the hemisphere for seasons. Where nothing is known the Gregorian calendar
 * counts, but dual years and numbered months before 1752 are old style (Julian, the year beginning on
 * 25 March), and a bare day between 1 January and 24 March before 1752 keeps both readings.
 */
final readonly class DatingConvention
{
    /** The first year that is not taken for old style where no reckoning is known. */
    public const OLD_STYLE_ENDS = 1752;

    /** @param  non-empty-list<Era>  $eras one after the other, the last without end */
    private function __construct(
        public DayOrder $order,
        public array $eras,
        public bool $isKnown,
        public bool $boundsAreInclusive,
        public Hemisphere $hemisphere,
    ) {
    }

    public static function unknown(): self
    {
        return new self(DayOrder::Unsettled, [self::ours()], false, false, Hemisphere::North);
    }

    public static function writtenIn(DayOrder $order): self
    {
        return self::unknown()->ordered($order);
    }

    /** A file of version 7: Gregorian where nothing else is named; BEF and AFT mean no later and no earlier than. */
    public static function ofVersion7(): self
    {
        return new self(DayOrder::Unsettled, [self::ours()], true, true, Hemisphere::North);
    }

    /** A file of 5.5 or 5.5.1: Gregorian where nothing else is named; BEF and AFT leave out what they name. */
    public static function ofVersion551(): self
    {
        return new self(DayOrder::Unsettled, [self::ours()], true, false, Hemisphere::North);
    }

    /** Julian with the year from 25 March, until the Gregorian calendar came. `$until` is the last old day's number. */
    public static function oldStyle(?int $until): self
    {
        return self::of(DayOrder::Unsettled, Calendars::julian(), YearStart::LadyDay, $until);
    }

    /**
     * @param  int|null  $until  number of the last day so reckoned; Gregorian from 1 January follows it
     */
    public static function of(DayOrder $order, Calendar $calendar, YearStart $yearStart, ?int $until): self
    {
        $eras = [new Era($calendar, $yearStart, $until)];

        return new self($order, $until === null ? $eras : [...$eras, self::ours()], true, false, Hemisphere::North);
    }

    public function in(Calendar $calendar): self
    {
        return new self($this->order, [new Era($calendar, YearStart::January, null)], true, $this->boundsAreInclusive, $this->hemisphere);
    }

    public function ordered(DayOrder $order): self
    {
        return new self($order, $this->eras, $this->isKnown, $this->boundsAreInclusive, $this->hemisphere);
    }

    public function on(Hemisphere $hemisphere): self
    {
        return new self($this->order, $this->eras, $this->isKnown, $this->boundsAreInclusive, $hemisphere);
    }

    /** The calendar in which month words are read: that of the first era. */
    public function calendar(): Calendar
    {
        return $this->eras[0]->calendar;
    }

    /** The reckoning of numbered months ("3rd mo 1701"): old style before 1752 where nothing is known. */
    public function forNumberedMonths(int $year): self
    {
        return $this->isKnown || $year >= self::OLD_STYLE_ENDS ? $this : self::oldStyle(null);
    }

    /** Whether the third month of that year's book is May. */
    public function countsMonthsFromMarch(int $year): bool
    {
        foreach ($this->eras as $era) {
            if ($era->until === null || $era->until >= $era->calendar->toDay($year, 3, 1)) {
                return $era->yearStart->countsFromMarch();
            }
        }

        return false;
    }

    private static function ours(): Era
    {
        return new Era(Calendars::gregorian(), YearStart::January, null);
    }
}
