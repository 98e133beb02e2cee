<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Writing;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\Reading\DateLines;
use NorthBough\Core\Gedcom\Version;

/** A date as DATE, and as PHRASE where the grammar cannot hold what was typed. */
final readonly class DateText
{
    private const ONLY_551 = '/@#|\d\/\d|^INT |^\(|B\.C\./i';

    private const ONLY_7 = '/\b(JULIAN|GREGORIAN|FRENCH_R|HEBREW) |\bBCE\b/';

    private function __construct(public string $payload, public string $phrase)
    {
    }

    public static function of(GenDate $date, Version $version): self
    {
        return match (true) {
            $date->isEmpty() => new self('', ''),
            $version === Version::V7 => new self($date->normal, self::losesWords($date) ? $date->typed : ''),
            $date->kind === DateKind::Phrase => new self('('.trim($date->typed, '() ').')', ''),
            // 5.5.1 has no PHRASE: INT holds a date together with the words that it was read from.
            $date->isAmbiguous() => new self('INT '.self::older($date).' ('.$date->typed.')', ''),
            default => new self(self::older($date), ''),
        };
    }

    /** Whether a DATE as the file had it still says what the date is now. */
    public static function same(GenDate $date, string $payload, string $phrase, Version $version): bool
    {
        if (($version === Version::V551 && $phrase !== '') || preg_match($version === Version::V7 ? self::ONLY_551 : self::ONLY_7, $payload) === 1) {
            return false;
        }
        $then = DateLines::read($payload, $phrase, $version);

        return $then->normal === $date->normal && $then->kind === $date->kind && ($then->normal !== '' || trim($then->typed) === trim($date->typed));
    }

    private static function losesWords(GenDate $date): bool
    {
        return DateLines::read($date->normal, '', Version::V7)->shown !== $date->shown;
    }

    /** The version 7 words in the grammar of 5.5.1, in which BEF and AFT leave out what they name. */
    private static function older(GenDate $date): string
    {
        $span = $date->span();
        $edge = match ($date->kind) {
            DateKind::Before => $span?->latest === null ? null : $span->latest + 1,
            DateKind::After => $span?->earliest === null ? null : $span->earliest - 1,
            default => null,
        };
        $words = $date->normal;
        if ($edge !== null) {
            $calendar = Calendars::named($date->calendar);
            $words = ($date->kind === DateKind::Before ? 'BEF ' : 'AFT ').CalendarDate::day($calendar, ...$calendar->fromDay($edge))->standard();
        }

        return (string) preg_replace(['/\bJULIAN /', '/\bFRENCH_R /', '/\bHEBREW /', '/\b(\d+) BCE\b/'], ['@#DJULIAN@ ', '@#DFRENCH R@ ', '@#DHEBREW@ ', '$1 B.C.'], $words);
    }
}
