<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Remark;

/** Lines of text to lines of the standard (version 7, section 1.2; 5.5.1, chapter 1). What is no line is mended and remarked on. */
final class Lexer
{
    private const LINE = '/^\s*(?<level>\d{1,2})[ \t]+(?:(?<pointer>@[^@\s#][^@]*@)[ \t]+)?(?<tag>[A-Za-z0-9_]+)(?:[ '
        .'\t](?<payload>.*))?$/su';

    /** So many lines may stand before the head; what begins otherwise is no such file. */
    private const BEFORE_THE_HEAD = 50;

    /**
     * @param  iterable<int, string>  $lines
     * @param  callable(Remark): void  $remark
     * @return \Generator<int, Line>
     *
     * @throws NotReadable when there is no 0 HEAD among the first lines
     */
    public static function lex(iterable $lines, callable $remark): \Generator
    {
        $last = null;
        $strays = 0;
        foreach ($lines as $number => $text) {
            $text = self::legible($number, $text, $remark);
            $matched = preg_match(self::LINE, $text, $m) === 1;
            if ($last === null && trim($text) !== '' && (! $matched || $m['level'] !== '0' || strtoupper($m['tag']) !== 'HEAD')) {
                $remark(Remark::mended($number, $text, 'stands before the head of the file and has no place'));
                $strays++ < self::BEFORE_THE_HEAD ?: throw NotReadable::notThisKind();
            } elseif ($matched) {
                yield $last = self::line($number, (int) $m['level'], $m['pointer'], strtoupper($m['tag']), $m['payload'] ?? '');
            } elseif (trim($text) !== '' && $last !== null) {
                $remark(Remark::mended($number, $text, 'is no line of the standard; it was read as going on with the line before'));
                $level = in_array($last->tag, ['CONT', 'CONC'], true) ? $last->level : $last->level + 1;
                yield $last = new Line($number, $level, '', 'CONT', $text);
            }
        }
        if ($last === null && $strays > 0) {
            throw NotReadable::notThisKind();
        }
        if ($last === null) {
            throw NotReadable::empty();
        }
    }

    /** Blanks alone are a value only where a text goes on. */
    private static function line(int $number, int $level, string $pointer, string $tag, string $payload): Line
    {
        return new Line($number, $level, $pointer, $tag,
            trim($payload, " \t") === '' && ! in_array($tag, ['CONT', 'CONC'], true) ? '' : $payload);
    }

    /** @param  callable(Remark): void  $remark */
    private static function legible(int $number, string $text, callable $remark): string
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
            $remark(Remark::mended($number, $text, 'is not UTF-8; its letters were read as Windows-1252'));
        }
        if (str_contains($text, "\0")) {
            $text = str_replace("\0", '␀', $text);
            $remark(Remark::mended($number, $text, 'holds a byte that no text has; it stands as ␀'));
        }

        return $text;
    }
}
