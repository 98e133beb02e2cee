<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\Form\Interpreted;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Precision;
use NorthBough\Core\Gedcom\In\DateLines;
use NorthBough\Core\Gedcom\Version;

/** A date as DATE, and as PHRASE where the grammar cannot hold what was typed. */
final readonly class DateText
{
    private const ONLY_551 = '/@#|\d\/\d|^INT |^\(|B\.C\./i';

    private const ONLY_7 = '/\b(JULIAN|GREGORIAN|FRENCH_R|HEBREW) |\bBCE\b/';

    /** 5.5.1, chapter 2, MONTH, MONTH_FREN and MONTH_HEBR. */
    private const MONTHS_551 = 'JAN|FEB|MAR|APR|MAY|JUN|JUL|AUG|SEP|OCT|NOV|DEC|VEND|BRUM|FRIM|NIVO|PLUV|VENT|GERM'
        .'|FLOR|PRAI|MESS|THER|FRUC|COMP'
        .'|TSH|CSH|KSL|TVT|SHV|ADR|ADS|NSN|IYR|SVN|TMZ|AAV|ELL';

    private const DAY_551 = '(?:@#D[A-Z ]+@ )?(?:(?:\d{1,2} )?(?:'.self::MONTHS_551.') )?\d{1,4}(?:\/\d\d)?(?: B\.C\.)?';

    private function __construct(public string $payload, public string $phrase)
    {
    }

    public static function of(GenDate $date, Version $version): self
    {
        $words = Interpreted::words($date);

        return match (true) {
            $date->isEmpty() => new self('', ''),
            $version === Version::V7 && $date->kind === DateKind::Phrase => new self('', self::bare($date->typed)),
            $version === Version::V7 => new self($date->normal, $words !== '' ? $words : (self::losesWords($date) ? $date->typed : '')),
            self::isOlderAsTyped($date) => new self(strtoupper(trim($date->typed)), ''),
            $date->kind === DateKind::Phrase => new self('('.self::balanced(self::bare($date->typed)).')', ''),
            // 5.5.1 has no PHRASE: INT holds a date together with the words that it was read from.
            $date->isAmbiguous() => new self('INT '.self::older($date).' ('.self::balanced($words ?: $date->typed).')', ''),
            $words === '' => new self(self::older($date), ''),
            $date->kind === DateKind::Exact => new self('INT '.self::older($date).' ('.self::balanced($words).')', ''),
            default => new self(self::older($date), $words),
        };
    }

    /** Words without the brackets about all of them. */
    private static function bare(string $words): string
    {
        $words = trim($words);

        return preg_match('/^\(((?:[^()]|\((?1)\))*)\)$/s', $words, $m) === 1 ? trim($m[1]) : $words;
    }

    /** Words in which each bracket has its other; else they are square. */
    private static function balanced(string $words): string
    {
        return preg_match('/^((?:[^()]|\((?1)\))*)$/s', $words) === 1 ? $words : strtr($words, '()', '[]');
    }

    /** Whether a DATE as the file had it still says what the date is now. */
    public static function same(GenDate $date, string $payload, string $phrase, Version $version): bool
    {
        if (($version === Version::V551 && $phrase !== '')
            || preg_match($version === Version::V7 ? self::ONLY_551 : self::ONLY_7, $payload) === 1) {
            return false;
        }
        $then = DateLines::read($payload, $phrase, $version);

        return Interpreted::words($then) === Interpreted::words($date) && $then->normal === $date->normal && $then->kind === $date->kind
            && ($then->normal !== '' || trim($then->typed) === trim($date->typed));
    }

    private static function losesWords(GenDate $date): bool
    {
        return DateLines::read($date->normal, '', Version::V7)->shown !== $date->shown;
    }

    /** Whether what was typed is in the grammar of 5.5.1, and means the same there. */
    private static function isOlderAsTyped(GenDate $date): bool
    {
        if ($date->typed === $date->normal && $date->kind === DateKind::Exact && $date->calendar === 'GREGORIAN'
            && ! str_contains($date->normal, 'BCE')) {
            return true;
        }
        $typed = strtoupper(trim($date->typed));
        $day = self::DAY_551;

        return preg_match("/^(?:(?:ABT|CAL|EST|BEF|AFT|FROM|TO) {$day}|FROM {$day} TO {$day}|BET {$day} AND {$day}|{$day})$/", $typed) === 1
            && $date->normal !== '' && DateLines::read($typed, '', Version::V551)->normal === $date->normal;
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
        $words = $edge === null ? $date->normal : self::bound($date, $edge);

        return (string) preg_replace(['/\bJULIAN /', '/\bFRENCH_R /', '/\bHEBREW /', '/\bGREGORIAN /', '/\b(\d+) BCE\b/'],
            ['@#DJULIAN@ ', '@#DFRENCH R@ ', '@#DHEBREW@ ', '', '$1 B.C.'], $words);
    }

    /** The day at the edge, or the month or year that ends or begins with it where the date is no finer. */
    private static function bound(GenDate $date, int $edge): string
    {
        $calendar = Calendars::named($date->calendar);
        $isBefore = $date->kind === DateKind::Before;
        [$year, $month, $day] = $calendar->fromDay($edge);
        [$nextYear, $nextMonth] = $calendar->fromDay($isBefore ? $edge - 1 : $edge + 1);
        $isEdge = [$year, $month] !== [$nextYear, $nextMonth];
        $phrase = match (true) {
            $date->precision === Precision::Year && $year !== $nextYear => CalendarDate::year($calendar, $year),
            in_array($date->precision, [Precision::Year, Precision::Month], true)
                && $isEdge => CalendarDate::month($calendar, $year, $month),
            default => CalendarDate::day($calendar, $year, $month, $day),
        };

        return ($isBefore ? 'BEF ' : 'AFT ').$phrase->standard();
    }
}
