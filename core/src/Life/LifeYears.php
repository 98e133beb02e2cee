<?php

declare(strict_types=1);

namespace NorthBough\Core\Life;

use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;

/** A life in its years, as it stands beside a name: 1731–1799, b. 1731, chr. 1820–c. 1890. */
final class LifeYears
{
    public static function shown(Person $person): string
    {
        $birth = $person->vitals()->beginning();
        $death = $person->vitals()->end();
        $from = self::year($birth);
        $to = self::year($death);
        $mark = $birth?->mark() ?? '';
        $from = $from === '' || $mark === '' ? $from : "{$mark} {$from}";

        return match (true) {
            $from !== '' && $to !== '' => "{$from}–{$to}",
            $from !== '' && $death !== null => "{$from}–?",
            $from !== '' => $mark === '' ? "b. {$from}" : $from,
            $to !== '' => "d. {$to}",
            default => '',
        };
    }

    /** The year of an event, or the middle of its years; empty when it names no time. */
    public static function year(?Event $event): string
    {
        $span = $event?->date->span();
        $first = $span?->earliest === null ? null : IsoDay::year($span->earliest);
        $last = $span?->latest === null ? null : IsoDay::year($span->latest);

        return match (true) {
            $first === null && $last === null => '',
            $first === null, $last === null => $event->date->shown,
            $first === $last, $event?->date->kind === DateKind::Exact && ! $event->date->isAmbiguous() => (string) $first,
            default => 'c. '.intdiv($first + $last, 2),
        };
    }
}
