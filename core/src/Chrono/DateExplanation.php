<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** What was understood of a date, in the line that stands under its field: "about 1850 · 1848-01-01 to 1852-12-31". */
final class DateExplanation
{
    public static function line(GenDate $date): string
    {
        $span = $date->span();
        $earliest = IsoDay::orNull($span?->earliest);
        $latest = IsoDay::orNull($span?->latest);

        return match (true) {
            $date->isEmpty() => '',
            $date->problem !== '' => $date->problem.' It is kept as you typed it.',
            $span === null => 'kept as words; no day was understood',
            $date->isAmbiguous() => "{$date->shown}: day or month first? Both stand until a source says.",
            $earliest === $latest => $date->shown.self::converted($date, $span),
            $earliest === null => "{$date->shown} · no later than {$latest}",
            $latest === null => "{$date->shown} · no earlier than {$earliest}",
            $date->kind === DateKind::Exact => $date->shown,
            default => "{$date->shown} · {$earliest} to {$latest}",
        };
    }

    /** A day of another calendar is told in ours as well. */
    private static function converted(GenDate $date, DaySpan $span): string
    {
        $day = $span->earliest;

        return $day === null || $date->calendar === 'GREGORIAN' ? ''
            : ' · '.DayWords::bare($day).($date->calendar === 'JULIAN' ? ', new style' : ', by our calendar');
    }
}
