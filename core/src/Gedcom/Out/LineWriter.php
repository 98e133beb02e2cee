<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\In\Lexer;
use NorthBough\Core\Gedcom\In\Structures;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** Structures to lines of the standard: version 7, section 1; 5.5.1, chapter 1 (values longer than a line go on with CONC). */
final class LineWriter
{
    /** Bytes of a value in a 5.5.1 line, well under the 255 characters that a whole line may have. */
    private const LONGEST_VALUE = 200;

    public static function write(Structure $structure, Version $version, int $level = 0): string
    {
        $start = $level.($structure->pointer === '' ? '' : ' '.$structure->pointer).' '.$structure->tag;
        $text = $structure->isPointer
            ? self::line($start, $structure->payload)
            : self::payload($start, $level, $structure->payload, $version);
        foreach ($structure->children as $child) {
            $text .= self::write($child, $version, $level + 1);
        }

        return $text;
    }

    /** The form in which lines are kept: from level 0, as version 7 writes them. */
    public static function kept(Structure $structure): string
    {
        return self::write($structure, Version::V7);
    }

    /** Kept lines as a structure again. */
    public static function restore(string $kept): Structure
    {
        $ignore = static function (): void {
        };
        $lines = explode("\n", "0 HEAD\n1 GEDC\n2 VERS 7.0\n".rtrim($kept, "\n"));
        $last = new Structure('NOTE', $kept);
        foreach (Structures::build(Lexer::lex($lines, $ignore), $ignore) as $structure) {
            $last = $structure;
        }

        return $last;
    }

    private static function payload(string $start, int $level, string $payload, Version $version): string
    {
        $next = ($level + 1).' ';
        $text = '';
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $payload)) as $index => $line) {
            $head = $index === 0 ? $start : $next.'CONT';
            if ($version === Version::V7) {
                $text .= self::line($head, str_starts_with($line, '@') ? '@'.$line : $line);

                continue;
            }
            foreach (self::pieces($line) as $part => $piece) {
                $text .= self::line($part === 0 ? $head : $next.'CONC', self::doubled($piece));
            }
        }

        return $text;
    }

    private static function line(string $start, string $value): string
    {
        return $value === '' ? $start."\n" : "{$start} {$value}\n";
    }

    /** Every @ is doubled, but for those of a calendar escape. */
    private static function doubled(string $text): string
    {
        return (string) preg_replace('/@#[A-Z ]+@(*SKIP)(*FAIL)|@/', '@@', $text);
    }

    /**
     * Cuts a long value inside words, never at a space: spaces at the ends of lines get lost on the way.
     *
     * @return non-empty-list<string>
     */
    private static function pieces(string $line): array
    {
        $pieces = [];
        while (strlen($line) > self::LONGEST_VALUE) {
            $cut = strlen(mb_strcut($line, 0, self::LONGEST_VALUE));
            while ($cut > 1 && ($line[$cut - 1] === ' ' || ($line[$cut] ?? '') === ' ' || (ord($line[$cut]) & 0xC0) === 0x80)) {
                $cut--;
            }
            $cut = $cut > 1 ? $cut : self::LONGEST_VALUE;
            $pieces[] = substr($line, 0, $cut);
            $line = substr($line, $cut);
        }
        $pieces[] = $line;

        return $pieces;
    }
}
