<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;

/** A stretch of a calendar as words name it, a day, a month or a year: its days and its words. */
final readonly class CalendarPeriod
{
    private function __construct(
        public DaySpan $span,
        public Precision $precision,
        public string $normal,
        public string $shown,
        public Calendar $calendar,
    ) {
    }

    public static function of(CalendarDate $date): self
    {
        return new self($date->span(), $date->precision(), $date->standard(), $date->shown(), $date->calendar);
    }

    public static function ofDay(Calendar $calendar, int $day): self
    {
        return self::of(CalendarDate::day($calendar, ...$calendar->fromDay($day)));
    }

    /** A month or a year of a book that does not run as the calendar's own does. */
    public static function within(CalendarDate $first, CalendarDate $last, Precision $precision, string $shown): self
    {
        return new self($first->span()->hull($last->span()), $precision,
            "BET {$first->standard()} AND {$last->standard()}", $shown, $first->calendar);
    }

    public function shownAs(string $shown): self
    {
        return new self($this->span, $this->precision, $this->normal, $shown, $this->calendar);
    }

    /** What is left of it within these days; null when nothing is. */
    public function clippedTo(?int $from, ?int $until): ?self
    {
        $earliest = max($this->span->earliest, $from ?? $this->span->earliest);
        $latest = min($this->span->latest, $until ?? $this->span->latest);

        return $earliest > $latest ? null
            : new self(DaySpan::between($earliest, $latest), $this->precision, $this->normal, $this->shown, $this->calendar);
    }
}
