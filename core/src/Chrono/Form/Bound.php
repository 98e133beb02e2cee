<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;

/** bef 1850, after 1850 (strict); by 1850, not after, since, not before (what they name is included). */
final readonly class Bound implements DateForm
{
    private const WORDS = [
        'before' => [DateKind::Before, true], 'bef' => [DateKind::Before, true], 'prior to' => [DateKind::Before, true],
        'ante' => [DateKind::Before, true], '<' => [DateKind::Before, true],
        'by' => [DateKind::Before, false], 'not after' => [DateKind::Before, false], 'no later than' => [DateKind::Before, false],
        'not later than' => [DateKind::Before, false], 'on or before' => [DateKind::Before, false],
        'after' => [DateKind::After, true], 'aft' => [DateKind::After, true], 'post' => [DateKind::After, true],
        '>' => [DateKind::After, true],
        'since' => [DateKind::After, false], 'not before' => [DateKind::After, false], 'no earlier than' => [DateKind::After, false],
        'not earlier than' => [DateKind::After, false], 'on or after' => [DateKind::After, false],
    ];

    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match('/^(not (?:after|before)|not? (?:later|earlier) than|on or (?:before|after)|prior to|[<>]|\p{L}+)\.? ?(\S.*)$/iu',
            $text, $m) !== 1) {
            return null;
        }
        $word = mb_strtolower($m[1]);
        [$kind, $strict] = self::WORDS[$word] ?? [null, false];
        $strict = $strict && ! $convention->boundsAreInclusive;
        $date = $kind === null ? null : $reader->plain($m[2], $convention);
        if ($kind === null || $date === null) {
            return null;
        }
        $edge = static fn (DaySpan $named): int => match (true) {
            $kind === DateKind::Before => (int) ($strict ? $named->earliest - 1 : $named->latest),
            default => (int) ($strict ? $named->latest + 1 : $named->earliest),
        };
        $readings = array_map(static fn (Interpretation $reading): Interpretation => new Interpretation($kind === DateKind::Before
            ? DaySpan::between(null, $edge($reading->begin))
            : DaySpan::between($edge($reading->begin), null)), $date->readings);
        $bound = match (true) {
            ! $strict => $kind === DateKind::Before ? 'by' : 'since',
            default => $kind === DateKind::Before ? 'before' : 'after',
        };

        return GenDate::of($text, $kind, $date->precision, $readings,
            self::standard($kind, $strict, $edge($date->readings[0]->begin), $date), "{$bound} {$date->shown}", $date->calendar);
    }

    /** Version 7 has "no later than" and "no earlier than" only, so a strict bound is the day at its edge. */
    private static function standard(DateKind $kind, bool $strict, int $edge, GenDate $date): string
    {
        $tag = $kind === DateKind::Before ? 'BEF' : 'AFT';
        if (! $strict) {
            return $tag.' '.($kind === DateKind::Before ? $date->ending() : $date->beginning());
        }
        $calendar = Calendars::named($date->calendar);

        return $tag.' '.CalendarDate::day($calendar, ...$calendar->fromDay($edge))->standard();
    }
}
