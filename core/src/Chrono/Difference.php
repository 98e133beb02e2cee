<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** The time from one date to another: the least and the most that it can be. */
final readonly class Difference
{
    private function __construct(public CalendarInterval $least, public CalendarInterval $most)
    {
    }

    /** @return self|null null when a side is open, or the second ends before the first begins */
    public static function of(DaySpan $from, DaySpan $to): ?self
    {
        if ($from->earliest === null || $from->latest === null || $to->earliest === null || $to->latest === null
            || $to->latest < $from->earliest) {
            return null;
        }

        return new self(
            CalendarInterval::between(min($from->latest, $to->earliest), $to->earliest),
            CalendarInterval::between($from->earliest, $to->latest),
        );
    }

    public function words(): string
    {
        [$least, $most] = [$this->least->words(), $this->most->words()];

        return $least === $most ? $least : "{$least} to {$most}";
    }
}
