<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Naming\PersonalName;

/**
 * What stands on a page for something else: a ditto keeps what the page says and takes the value above, for a name its
 * whole surname; a word that is doubted ("Tarrel?", "Tarrel / Farrel?", "Tam? do") loses its mark and keeps its other
 * readings beside it. Settling what is settled changes nothing.
 */
final class TranscriptionMarks
{
    private const DITTO = '(?:"|\'\'|”|„|〃|do\.?|ditto)';

    /**
     * Settles lines in their order, each against the one above.
     *
     * @param  list<RollLine>  $lines
     * @param  RollLine|null  $above  the line over the first, settled; null at the top of a page
     * @return list<RollLine>
     */
    public static function settleAll(array $lines, ?RollLine $above = null): array
    {
        $settled = [];
        foreach ($lines as $line) {
            $settled[] = $above = self::settle($line, $above);
        }

        return $settled;
    }

    public static function settle(RollLine $line, ?RollLine $above): RollLine
    {
        $line = self::name($line, $above);
        foreach (array_keys($line->columns) as $code) {
            if (! str_ends_with((string) $code, '~') && ! str_ends_with((string) $code, '?')) {
                $line = self::column($line, $above, (string) $code);
            }
        }

        return $line;
    }

    private static function name(RollLine $line, ?RollLine $above): RollLine
    {
        $typed = trim($line->name);
        $surname = $above === null ? '' : PersonalName::parse($above->name)->wholeSurname();
        if ($surname !== '' && preg_match('/^'.self::DITTO.'\s*,\s*(\S.*)$/iu', $typed, $m) === 1) {
            // Surname first, as in an index: the ditto stands in its place.
            $typed = "{$m[1]} do";
        }
        $isDitto = $surname !== '' && preg_match('/^(.*\S)\s+'.self::DITTO.'(\??)$/iu', $typed, $m) === 1;
        $name = $isDitto ? "{$m[1]} {$surname}{$m[2]}" : $typed;
        [$first, $others, $isDoubted] = self::readings($name, true);
        if (! $isDitto && ! $isDoubted) {
            return $line;
        }

        return new RollLine($line->id, $first, $line->role,
            self::beside($line->columns, RollLine::NAME, $isDitto ? $typed : null, $isDoubted ? $others : null));
    }

    private static function column(RollLine $line, ?RollLine $above, string $code): RollLine
    {
        $typed = trim($line->columns[$code]);
        $over = trim($above->columns[$code] ?? '');
        $isDitto = $over !== '' && preg_match('/^'.self::DITTO.'(\??)$/iu', $typed, $m) === 1;
        [$first, $others, $isDoubted] = self::readings($isDitto ? $over.($m[1] ?? '') : $typed, false);
        if (! $isDitto && ! $isDoubted) {
            return $line;
        }

        return new RollLine($line->id, $line->name, $line->role,
            [$code => $first] + self::beside($line->columns, $code, $isDitto ? $typed : null, $isDoubted ? $others : null));
    }

    /**
     * @param  array<string, string>  $columns
     * @param  string|null  $written  the ditto as the page has it; null for none
     * @param  string|null  $others  the other readings; null where nothing is doubted
     * @return array<string, string>
     */
    private static function beside(array $columns, string $code, ?string $written, ?string $others): array
    {
        return ($written === null ? [] : ["{$code}~" => $written]) + ($others === null ? [] : ["{$code}?" => $others]) + $columns;
    }

    /**
     * @return array{string, string, bool} as it is read first; the other readings parted by a stroke, `?` for none; whether
     *     it is doubted
     */
    private static function readings(string $typed, bool $isName): array
    {
        if (preg_match('/^(.*[^\s\/?])\s*((?:\/[^\/?]+)*)\?$/u', $typed) === 1 && ! preg_match('/\?.*\?$/u', $typed)) {
            $readings = array_values(
                array_filter(array_map(trim(...), explode('/', rtrim($typed, '?'))), static fn (string $written): bool => $written !== ''));
            $first = array_shift($readings) ?? '';

            return [$first,
                $readings === [] ? '?'
                    : implode(' / ',
                        array_map(static fn (string $reading): string => $isName ? self::whole($first, $reading) : $reading,
                            $readings)), true];
        }
        // A word within a name may be doubted by itself: "Tam? Tarrel", "Tam/Tom? Tarrel".
        $others = [];
        $words = explode(' ', $typed);
        foreach ($isName ? $words : [] as $at => $word) {
            if (preg_match('/^([^?\/]+)((?:\/[^?\/]+)*)\?$/u', $word, $m) === 1) {
                $words[$at] = $m[1];
                $others[$at] = array_filter(explode('/', $m[2]), static fn (string $written): bool => $written !== '');
            }
        }
        if ($others === []) {
            return [$typed, '', false];
        }
        $whole = [];
        foreach ($others as $at => $instead) {
            foreach ($instead as $word) {
                $whole[] = implode(' ', array_replace($words, [$at => $word]));
            }
        }

        return [implode(' ', $words), $whole === [] ? '?' : implode(' / ', $whole), true];
    }

    /** "Farrel" beside "Ewan Tarrel" is another surname of the same given name. */
    private static function whole(string $first, string $otherReading): string
    {
        $words = explode(' ', $first);
        $instead = explode(' ', $otherReading);

        return count($instead) < count($words) ? implode(' ', [...array_slice($words, 0, -count($instead)), ...$instead]) : $otherReading;
    }
}
