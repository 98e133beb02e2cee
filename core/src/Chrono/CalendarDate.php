<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;

/**
 * A day, a month or a year of one calendar. The year is the one that begins on 1 January; `dual` says that the
 * record wrote it with both years (10 Feb 1731/2 has year 1732 here).
 */
final readonly class CalendarDate
{
    public const SHORT_MONTHS = [1 => 'Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    private function __construct(
        public Calendar $calendar,
        public int $year,
        public int $month,
        public int $day,
        public bool $dual,
    ) {
    }

    public static function year(Calendar $calendar, int $year): self
    {
        return new self($calendar, $year, 0, 0, false);
    }

    /** @throws NoSuchDay when the year has no such month */
    public static function month(Calendar $calendar, int $year, int $month, bool $dual = false): self
    {
        if ($month < 1 || $month > 12) {
            throw NoSuchDay::month($month);
        }

        return new self($calendar, $year, $month, 0, $dual);
    }

    /** @throws NoSuchDay when the month has no such day */
    public static function day(Calendar $calendar, int $year, int $month, int $day, bool $dual = false): self
    {
        if ($month < 1 || $month > 12) {
            throw NoSuchDay::month($month);
        }
        if ($day < 1 || $day > $calendar->daysInMonth($year, $month)) {
            throw NoSuchDay::day($calendar, $year, $month, $day);
        }

        return new self($calendar, $year, $month, $day, $dual);
    }

    public function precision(): Precision
    {
        return match (true) {
            $this->day > 0 => Precision::Day,
            $this->month > 0 => Precision::Month,
            default => Precision::Year,
        };
    }

    public function span(): DaySpan
    {
        $firstMonth = $this->month ?: 1;
        $lastMonth = $this->month ?: 12;

        return DaySpan::between(
            $this->calendar->toDay($this->year, $firstMonth, $this->day ?: 1),
            $this->calendar->toDay($this->year, $lastMonth, $this->day ?: $this->calendar->daysInMonth($this->year, $lastMonth)),
        );
    }

    /** The date in the words of the version 7 grammar, without its calendar: 14 JUN 1891, 44 BCE. */
    public function standardWords(): string
    {
        $year = $this->year > 0 ? (string) $this->year : (1 - $this->year).' BCE';

        return strtoupper($this->withDayAndMonth($year));
    }

    /** The date as it is read: 14 Jun 1891, 10 Feb 1731/2. */
    public function shown(): string
    {
        $year = match (true) {
            $this->year <= 0 => (1 - $this->year).' BCE',
            $this->dual => ($this->year - 1).'/'.($this->year % 10 === 0 ? substr((string) $this->year, -2) : $this->year % 10),
            default => (string) $this->year,
        };

        return $this->withDayAndMonth($year);
    }

    private function withDayAndMonth(string $year): string
    {
        return match ($this->precision()) {
            Precision::Day => $this->day.' '.self::SHORT_MONTHS[$this->month].' '.$year,
            Precision::Month => self::SHORT_MONTHS[$this->month].' '.$year,
            default => $year,
        };
    }
}
