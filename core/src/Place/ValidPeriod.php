<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;

/** How long something was so of a place: from a day to a day, both included; an open end is null. */
final readonly class ValidPeriod
{
    private function __construct(public ?int $from, public ?int $to)
    {
    }

    public static function always(): self
    {
        return new self(null, null);
    }

    /** @throws ValidPeriodProblem when it ends before it begins */
    public static function between(?int $from, ?int $to): self
    {
        if ($from !== null && $to !== null && $from > $to) {
            throw ValidPeriodProblem::endsFirst();
        }

        return new self($from, $to);
    }

    /**
     * Two dates as typed, either of them empty. What began in 1782 began on its first day at the latest known, and
     * what ended in 1782 ended by its last: the tenure is the widest that the words allow.
     *
     * @throws ValidPeriodProblem when a date is not understood, or it ends before it begins
     */
    public static function typed(string $from, string $to): self
    {
        return self::between(self::edge($from)?->earliest, self::edge($to)?->latest);
    }

    /** Whether it can have been so on a day of the span; without a span, whether it ever was. */
    public function touches(?DaySpan $when): bool
    {
        if ($when === null) {
            return true;
        }

        return ($this->from === null || $when->latest === null || $this->from <= $when->latest)
            && ($this->to === null || $when->earliest === null || $this->to >= $when->earliest);
    }

    private static function edge(string $typed): ?DaySpan
    {
        if (trim($typed) === '') {
            return null;
        }

        return GenDate::parse($typed)->span() ?? throw ValidPeriodProblem::notUnderstood($typed);
    }
}
