<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** A span of days in words. */
final class SpanWords
{
    public static function of(DaySpan $span): string
    {
        $day = static fn (int $number): string => GenDate::parse(IsoDay::of($number))->shown;

        return match (true) {
            $span->earliest === null && $span->latest === null => 'any time',
            $span->earliest === null => 'by '.$day((int) $span->latest),
            $span->latest === null => "from {$day($span->earliest)} on",
            $span->earliest === $span->latest => $day($span->earliest),
            default => "{$day($span->earliest)} to {$day($span->latest)}",
        };
    }
}
