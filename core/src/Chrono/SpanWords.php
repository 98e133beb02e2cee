<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** A span of days in words. */
final class SpanWords
{
    public static function of(DaySpan $span): string
    {
        return match (true) {
            $span->earliest === null && $span->latest === null => 'any time',
            $span->earliest === null => 'by '.DayWords::of((int) $span->latest),
            $span->latest === null => 'from '.DayWords::bare($span->earliest).' on'.DayWords::style($span->earliest),
            $span->earliest === $span->latest => DayWords::of($span->earliest),
            default => self::both($span->earliest, $span->latest),
        };
    }

    private static function both(int $earliest, int $latest): string
    {
        $end = DayWords::of($latest);
        $begin = DayWords::bare($earliest);
        $style = $end === DayWords::bare($latest) ? DayWords::style($earliest) : '';

        return $begin.($style === '' ? '' : "{$style},")." to {$end}";
    }
}
