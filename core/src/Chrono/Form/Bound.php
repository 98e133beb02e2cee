<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateReader;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Reading;
use NorthBough\Core\Chrono\Reckoning;

/** bef 1850, after 1850 (strict); by 1850, not after, since, not before (what they name is included). */
final readonly class Bound implements DateForm
{
    private const WORDS = [
        'before' => [DateKind::Before, true], 'bef' => [DateKind::Before, true],
        'by' => [DateKind::Before, false], 'not after' => [DateKind::Before, false],
        'after' => [DateKind::After, true], 'aft' => [DateKind::After, true],
        'since' => [DateKind::After, false], 'not before' => [DateKind::After, false],
    ];

    public function read(string $text, Reckoning $reckoning, DateReader $reader): ?GenDate
    {
        if (preg_match('/^(not after|not before|\p{L}+)\.? (.+)$/iu', $text, $m) !== 1) {
            return null;
        }
        $word = mb_strtolower($m[1]);
        [$kind, $strict] = self::WORDS[$word] ?? [null, false];
        $strict = $strict && ! $reckoning->boundsAreInclusive;
        $date = $kind === null ? null : $reader->plain($m[2], $reckoning);
        $span = $date?->span();
        if ($kind === null || $date === null || $span === null || $span->earliest === null || $span->latest === null) {
            return null;
        }
        $edge = match (true) {
            $kind === DateKind::Before => $strict ? $span->earliest - 1 : $span->latest,
            default => $strict ? $span->latest + 1 : $span->earliest,
        };
        $reading = new Reading($kind === DateKind::Before ? DaySpan::between(null, $edge) : DaySpan::between($edge, null));
        $said = match ($word) {
            'bef', 'before' => $strict ? 'before' : 'by',
            'aft', 'after' => $strict ? 'after' : 'since',
            default => $word,
        };

        return GenDate::of($text, $kind, $date->precision, [$reading], self::standard($kind, $strict, $edge, $date), "{$said} {$date->shown}", $date->calendar);
    }

    /** Version 7 has "no later than" and "no earlier than" only, so a strict bound is the day at its edge. */
    private static function standard(DateKind $kind, bool $strict, int $edge, GenDate $date): string
    {
        $tag = $kind === DateKind::Before ? 'BEF' : 'AFT';
        if (! $strict) {
            return "{$tag} {$date->normal}";
        }
        $calendar = Calendars::named($date->calendar);

        return $tag.' '.GenDate::standard(CalendarDate::day($calendar, ...$calendar->fromDay($edge)));
    }
}
