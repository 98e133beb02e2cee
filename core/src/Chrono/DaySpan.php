<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/**
 * From the earliest to the latest possible day, as Julian Day Numbers, both included. An open side is null.
 * `softBefore` and `softAfter` are the days at each edge that are our allowance and not said by the words.
 */
final readonly class DaySpan
{
    private function __construct(
        public ?int $earliest,
        public ?int $latest,
        public int $softBefore,
        public int $softAfter,
    ) {
    }

    /** @throws EmptySpan when the first day lies after the last */
    public static function between(?int $earliest, ?int $latest): self
    {
        if ($earliest !== null && $latest !== null && $earliest > $latest) {
            throw EmptySpan::of($earliest, $latest);
        }

        return new self($earliest, $latest, 0, 0);
    }

    /** The same span, each closed edge moved out by an allowance, counted in years, months and days of the calendar. */
    public function softenedBy(int $years, int $months, int $days): self
    {
        $earliest = $this->earliest === null ? null : (new CalendarInterval($years, $months, 0))->before($this->earliest) - $days;
        // The day after the last is shifted, so that the end of a month stays the end of a month.
        $latest = $this->latest === null ? null : (new CalendarInterval($years, $months, 0))->after($this->latest + 1) - 1 + $days;

        return new self(
            $earliest,
            $latest,
            $earliest === null ? 0 : $this->softBefore + $this->earliest - $earliest,
            $latest === null ? 0 : $this->softAfter + $latest - $this->latest,
        );
    }

    /** The smallest span that holds both. */
    public function hull(self $otherSpan): self
    {
        [$earliest, $softBefore] = match (true) {
            $this->earliest === null || $otherSpan->earliest === null => [null, 0],
            $this->earliest <= $otherSpan->earliest => [$this->earliest, $this->softBefore],
            default => [$otherSpan->earliest, $otherSpan->softBefore],
        };
        [$latest, $softAfter] = match (true) {
            $this->latest === null || $otherSpan->latest === null => [null, 0],
            $this->latest >= $otherSpan->latest => [$this->latest, $this->softAfter],
            default => [$otherSpan->latest, $otherSpan->softAfter],
        };

        return new self($earliest, $latest, $softBefore, $softAfter);
    }

    public function plus(CalendarInterval $lapse): self
    {
        return new self(
            $this->earliest === null ? null : $lapse->after($this->earliest),
            $this->latest === null ? null : $lapse->after($this->latest),
            $this->softBefore, $this->softAfter,
        );
    }

    public function minus(CalendarInterval $lapse): self
    {
        return new self(
            $this->earliest === null ? null : $lapse->before($this->earliest),
            $this->latest === null ? null : $lapse->before($this->latest),
            $this->softBefore, $this->softAfter,
        );
    }

    /** @throws EmptySpan when a stored row is out of order */
    public static function restore(?int $earliest, ?int $latest, int $softBefore, int $softAfter): self
    {
        return $earliest !== null && $latest !== null && $earliest > $latest ? throw EmptySpan::of($earliest, $latest)
            : new self($earliest, $latest, $softBefore, $softAfter);
    }
}
