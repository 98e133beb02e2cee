<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendar;
use NorthBough\Core\Chrono\Calendar\Calendars;

/**
 * A year as a book wrote it, and what a day, a month or the whole of it can be in ours. Two answers stand where
 * the reckoning is not known and the day lies before Lady Day.
 */
final readonly class BookYear
{
    private function __construct(private int $written, private bool $dual, private DatingConvention $convention)
    {
    }

    public static function bare(int $year, DatingConvention $convention): self
    {
        return new self($year, false, $convention);
    }

    /** 1731/2: `$second` is the year that is ours. */
    public static function dual(int $second, DatingConvention $convention): self
    {
        return new self($second, true, $convention);
    }

    /**
     * @return non-empty-list<CalendarPeriod>
     *
     * @throws NoSuchDay
     */
    public function day(int $month, int $day): array
    {
        return $this->choose($month, $day, static fn (Calendar $calendar, int $year, bool $dual): CalendarPeriod => CalendarPeriod::of(
            CalendarDate::day($calendar, $year, $month, $day, $dual)));
    }

    /**
     * @return non-empty-list<CalendarPeriod>
     *
     * @throws NoSuchDay
     */
    public function month(int $month): array
    {
        if ($month !== 3 || $this->dual || ! $this->turnsInMarch()) {
            return $this->choose($month, 1, static fn (Calendar $calendar, int $year, bool $dual): CalendarPeriod => CalendarPeriod::of(
                CalendarDate::month($calendar, $year, $month, $dual)));
        }
        // The year turns within this month: its last week stands in the year as written, its beginning in the next.
        $begin = $this->choose(3, 1, static fn (Calendar $calendar, int $year, bool $dual): CalendarPeriod => $dual
            ? CalendarPeriod::within(CalendarDate::day($calendar, $year, 3, 1, true), CalendarDate::day($calendar, $year, 3, 24, true),
                Precision::Month, CalendarDate::month($calendar, $year, 3, true)->shown())
            : CalendarPeriod::of(CalendarDate::month($calendar, $year, 3)));
        if (! $this->convention->isKnown) {
            return $begin;
        }
        $end = $this->choose(3, 25, static fn (Calendar $calendar, int $year): CalendarPeriod => CalendarPeriod::within(
            CalendarDate::day($calendar, $year, 3, 25), CalendarDate::day($calendar, $year, 3, 31), Precision::Month, 'end of Mar '.$year));

        return [...$end, ...$begin];
    }

    /**
     * @return non-empty-list<CalendarPeriod>
     *
     * @throws NoSuchDay
     */
    public function whole(): array
    {
        if ($this->dual) {
            $calendar = $this->dualCalendar();

            return [CalendarPeriod::of(CalendarDate::year($calendar, $this->written - 1)),
                CalendarPeriod::of(CalendarDate::year($calendar, $this->written))];
        }
        $from = null;
        foreach ($this->convention->eras as $era) {
            $stretch = $this->yearOf($era)->clippedTo($from, $era->until);
            if ($stretch !== null) {
                return [$stretch];
            }
            $from = (int) $era->until + 1;
        }

        throw NoSuchDay::inThisReckoning((string) $this->written);
    }

    private function yearOf(Era $era): CalendarPeriod
    {
        if ($era->yearStart === YearStart::January) {
            return CalendarPeriod::of(CalendarDate::year($era->calendar, $this->written));
        }
        [$month, $day] = $era->yearStart->firstDay();
        $first = CalendarDate::day($era->calendar, $era->yearStart->ours($this->written, $month, $day), $month, $day);
        $next = $era->calendar->toDay($first->year + 1, $month, $day);

        return CalendarPeriod::within($first, CalendarDate::day($era->calendar, ...$era->calendar->fromDay($next - 1)), Precision::Year,
            (string) $this->written);
    }

    private function turnsInMarch(): bool
    {
        return $this->convention->isKnown
            ? $this->convention->calendar() === Calendars::julian() && $this->convention->eras[0]->yearStart === YearStart::LadyDay
                && ($this->convention->eras[0]->until === null || Calendars::julian()
                    ->toDay($this->written, 3, 25) <= $this->convention->eras[0]->until)
            : $this->mayBeOldStyle();
    }

    private function mayBeOldStyle(): bool
    {
        return ! $this->convention->isKnown && $this->written > 0 && $this->written < DatingConvention::OLD_STYLE_ENDS;
    }

    private function dualCalendar(): Calendar
    {
        return $this->convention->isKnown && $this->convention->calendar() !== Calendars::gregorian()
            || $this->written > DatingConvention::OLD_STYLE_ENDS
            ? $this->convention->calendar()
            : Calendars::julian();
    }

    /**
     * @param  \Closure(Calendar, int, bool): CalendarPeriod  $make  from calendar, year of ours, whether both years are shown
     * @return non-empty-list<CalendarPeriod>
     */
    private function choose(int $month, int $day, \Closure $make): array
    {
        $beforeLadyDay = YearStart::LadyDay->ours(0, $month, $day) === 1;
        if ($this->dual) {
            return [$make($this->dualCalendar(), $beforeLadyDay ? $this->written : $this->written - 1, $beforeLadyDay)];
        }
        if ($beforeLadyDay && $this->mayBeOldStyle()) {
            return $this->both($make);
        }
        $from = null;
        foreach ($this->convention->eras as $era) {
            $ours = $era->yearStart->ours($this->written, $month, $day);
            $stretch = $make($era->calendar, $ours, $era->yearStart === YearStart::LadyDay && $ours !== $this->written)
                ->clippedTo($from, $era->until);
            if ($stretch !== null) {
                return [$stretch];
            }
            $from = (int) $era->until + 1;
        }

        throw NoSuchDay::inThisReckoning(trim(($day > 0 ? $day.' ' : '').MonthNames::full($month).' '.$this->written));
    }

    /**
     * @param  \Closure(Calendar, int, bool): CalendarPeriod  $make
     * @return non-empty-list<CalendarPeriod>
     */
    private function both(\Closure $make): array
    {
        $stretches = [];
        $problem = null;
        foreach ([[Calendars::gregorian(), $this->written, false], [Calendars::julian(), $this->written + 1, true]] as [$calendar, $year,
            $dual]) {
            try {
                $stretches[] = $make($calendar, $year, $dual);
            } catch (NoSuchDay $noSuchDay) {
                $problem ??= $noSuchDay;
            }
        }

        return $stretches === [] ? throw $problem ?? new \LogicException('Two years were tried.') : $stretches;
    }
}
