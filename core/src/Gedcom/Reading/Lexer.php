<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Reading;

use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Remark;

/** Lines of text to lines of the standard (version 7, section 1.2; 5.5.1, chapter 1). What is no line is mended and remarked on. */
final class Lexer
{
    private const LINE = '/^\s*(?<level>\d{1,2})[ \t]+(?:(?<pointer>@[^@\s#][^@]*@)[ \t]+)?(?<tag>[A-Za-z0-9_]+)(?: (?<payload>.*))?[ \t]*$/su';

    /**
     * @param  iterable<int, string>  $lines
     * @param  callable(Remark): void  $remark
     * @return \Generator<int, Line>
     *
     * @throws NotReadable when the first line is not 0 HEAD
     */
    public static function lex(iterable $lines, callable $remark): \Generator
    {
        $last = null;
        foreach ($lines as $number => $text) {
            if (! mb_check_encoding($text, 'UTF-8')) {
                $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
                $remark(new Remark($number, $text, 'is not UTF-8; its letters were read as Windows-1252'));
            }
            if (str_contains($text, "\0")) {
                $text = str_replace("\0", '␀', $text);
                $remark(new Remark($number, $text, 'holds a byte that no text has; it stands as ␀'));
            }
            $matched = preg_match(self::LINE, $text, $m) === 1;
            if ($last === null && trim($text) !== '' && (! $matched || $m['level'] !== '0' || strtoupper($m['tag']) !== 'HEAD')) {
                throw NotReadable::notThisKind();
            }
            if ($matched) {
                $line = new Line($number, (int) $m['level'], $m['pointer'], strtoupper($m['tag']), $m['payload'] ?? '');
                yield $last = $line;
            } elseif (trim($text) !== '' && $last !== null) {
                $remark(new Remark($number, $text, 'is no line of the standard; it was read as going on with the line before'));
                $level = in_array($last->tag, ['CONT', 'CONC'], true) ? $last->level : $last->level + 1;
                yield $last = new Line($number, $level, '', 'CONT', $text);
            }
        }
        if ($last === null) {
            throw NotReadable::empty();
        }
    }
}
