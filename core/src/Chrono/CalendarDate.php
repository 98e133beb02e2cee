<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;
use NorthBough\Core\Chrono\Calendar\Calendars;

/**
 * A day, a month or a year of one calendar. The year is the one that begins on 1 January; `dual` says that the
 * record wrote it with both years (10 Feb 1731/2 has year 1732 here).
 */
final readonly class CalendarDate
{
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
        self::checkMonth($calendar, $year, $month);

        return new self($calendar, $year, $month, 0, $dual);
    }

    /** @throws NoSuchDay when the month has no such day */
    public static function day(Calendar $calendar, int $year, int $month, int $day, bool $dual = false): self
    {
        self::checkMonth($calendar, $year, $month);
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
        $lastMonth = $this->month ?: $this->calendar->lastMonth();

        return DaySpan::between(
            $this->calendar->toDay($this->year, $firstMonth, $this->day ?: 1),
            $this->calendar->toDay($this->year, $lastMonth, $this->day ?: $this->calendar->daysInMonth($this->year, $lastMonth)),
        );
    }

    /** The date in the version 7 grammar: 14 JUN 1891, JULIAN 10 FEB 1732. */
    public function standard(): string
    {
        $prefix = $this->calendar === Calendars::gregorian() ? '' : $this->calendar->keyword().' ';

        return $prefix.$this->standardWords();
    }

    /** The same without its calendar: 14 JUN 1891, 44 BCE. */
    public function standardWords(): string
    {
        return $this->withDayAndMonth($this->month === 0 ? '' : $this->calendar->monthTag($this->month),
            $this->year > 0 ? (string) $this->year : (1 - $this->year).' BCE');
    }

    /** The date as it is read: 14 Jun 1891, 10 Feb 1731/2. */
    public function shown(): string
    {
        $year = $this->dual && $this->year > 1
            ? ($this->year - 1).'/'.($this->year % 10 === 0 ? substr((string) $this->year, -2) : $this->year % 10)
            : $this->calendar->yearWords($this->year);

        return $this->withDayAndMonth($this->month === 0 ? '' : $this->calendar->monthShort($this->month), $year);
    }

    /** The same day in another calendar. A month or a year has no single counterpart: its first day is taken. */
    public function in(Calendar $calendar): self
    {
        return self::day($calendar, ...$calendar->fromDay((int) $this->span()->earliest));
    }

    /** @throws NoSuchDay */
    private static function checkMonth(Calendar $calendar, int $year, int $month): void
    {
        if ($calendar->daysInMonth($year, $month) === 0) {
            throw $month < 1 || $month > $calendar->lastMonth() ? NoSuchDay::month($month) : NoSuchDay::monthOf($calendar, $year, $month);
        }
    }

    private function withDayAndMonth(string $month, string $year): string
    {
        return match ($this->precision()) {
            Precision::Day => "{$this->day} {$month} {$year}",
            Precision::Month => "{$month} {$year}",
            default => $year,
        };
    }
}
