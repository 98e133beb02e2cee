<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendars;

/**
 * Years, months and days between two days of the Gregorian calendar. Years and months are counted first, a day
 * that the month does not have becomes its last, then the days: the way in which ages and terms are reckoned.
 */
final readonly class CalendarInterval
{
    public function __construct(public int $years, public int $months, public int $days)
    {
    }

    /** From one day number to another, the first not after the second. */
    public static function between(int $from, int $to): self
    {
        $months = 12 * intdiv($to - $from, 366);
        while ((new self(0, $months + 1, 0))->after($from) <= $to) {
            $months++;
        }

        return new self(intdiv($months, 12), $months % 12, $to - (new self(0, $months, 0))->after($from));
    }

    public function after(int $day): int
    {
        return self::shifted($day, 12 * $this->years + $this->months) + $this->days;
    }

    /** The days are taken off first, so that what is counted on from the result comes out at the day again. */
    public function before(int $day): int
    {
        return self::shifted($day - $this->days, -12 * $this->years - $this->months);
    }

    public function plus(self $otherInterval): self
    {
        return new self($this->years + $otherInterval->years, $this->months + $otherInterval->months, $this->days + $otherInterval->days);
    }

    /** 24 years, 3 months and 5 days. */
    public function words(): string
    {
        $parts = [];
        foreach (['year' => $this->years, 'month' => $this->months, 'day' => $this->days] as $unit => $count) {
            if ($count !== 0) {
                $parts[] = "{$count} {$unit}".($count === 1 ? '' : 's');
            }
        }
        $last = array_pop($parts) ?? 'no time';

        return $parts === [] ? $last : implode(', ', $parts).' and '.$last;
    }

    private static function shifted(int $day, int $months): int
    {
        $calendar = Calendars::gregorian();
        [$year, $month, $dayOfMonth] = $calendar->fromDay($day);
        $count = 12 * $year + $month - 1 + $months;
        $year = (int) floor($count / 12);
        $month = $count - 12 * $year + 1;

        return $calendar->toDay($year, $month, min($dayOfMonth, $calendar->daysInMonth($year, $month)));
    }
}
