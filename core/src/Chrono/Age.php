<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendars;

/** Completed years between two spans: the least and the most that they can be. */
final readonly class Age
{
    private function __construct(public int $least, public int $most)
    {
    }

    /**
     * @param  DaySpan  $birth  of the birth
     * @param  DaySpan  $then  of the event
     * @return self|null null where an open side leaves the age without a bound, or the event lies before birth
     */
    public static function at(DaySpan $birth, DaySpan $then): ?self
    {
        if ($birth->earliest === null || $birth->latest === null || $then->earliest === null || $then->latest === null) {
            return null;
        }
        $most = self::years($birth->earliest, $then->latest);
        $least = max(0, self::years($birth->latest, $then->earliest));

        return $most < 0 ? null : new self($least, $most);
    }

    /** 24, 23–24. */
    public function shown(): string
    {
        return $this->least === $this->most ? (string) $this->least : "{$this->least}–{$this->most}";
    }

    private static function years(int $from, int $to): int
    {
        [$fromYear, $fromMonth, $fromDay] = Calendars::gregorian()->fromDay($from);
        [$toYear, $toMonth, $toDay] = Calendars::gregorian()->fromDay($to);

        return $toYear - $fromYear - ([$toMonth, $toDay] < [$fromMonth, $fromDay] ? 1 : 0);
    }
}
