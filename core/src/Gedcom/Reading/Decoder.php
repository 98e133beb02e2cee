<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Reading;

use NorthBough\Core\Gedcom\NotReadable;

/** Bytes in, lines of UTF-8 out, whatever ends the lines. Holds one chunk at a time. */
final class Decoder
{
    /**
     * @param  iterable<string>  $chunks  the file's bytes in order, in pieces of any size
     * @return \Generator<int, string> line number from 1 => line, without its end
     *
     * @throws NotReadable when the file is empty, zipped, or in an encoding that is not read
     */
    public static function lines(iterable $chunks): \Generator
    {
        $rest = '';
        $number = 0;
        $encoding = null;
        foreach ($chunks as $chunk) {
            $encoding ??= self::sniff($chunk);
            $rest .= $chunk;
            if ($encoding !== 'UTF-8') {
                // Sixteen-bit files are rare and small; they are turned round whole.
                continue;
            }
            $parts = preg_split('/\r\n|\n|\r(?!\z)/', $rest) ?: [''];
            $rest = array_pop($parts);
            foreach ($parts as $line) {
                yield ++$number => $number === 1 ? self::withoutMark($line) : $line;
            }
        }
        if ($encoding === null || ($number === 0 && $rest === '')) {
            throw NotReadable::empty();
        }
        if ($encoding !== 'UTF-8') {
            $rest = mb_convert_encoding($rest, 'UTF-8', $encoding);
        }
        foreach (preg_split('/\r\n|\n|\r/', (string) $rest) ?: [] as $line) {
            yield ++$number => $number === 1 ? self::withoutMark($line) : $line;
        }
    }

    private static function withoutMark(string $line): string
    {
        return str_starts_with($line, "\u{FEFF}") ? substr($line, 3) : $line;
    }

    /** @throws NotReadable */
    private static function sniff(string $start): string
    {
        if ($start === '') {
            throw NotReadable::empty();
        }
        if (str_starts_with($start, "PK\x03\x04")) {
            throw NotReadable::zipped();
        }
        $encoding = match (true) {
            str_starts_with($start, "\xFF\xFE"), str_starts_with($start, "0\0") => 'UTF-16LE',
            str_starts_with($start, "\xFE\xFF"), str_starts_with($start, "\0".'0') => 'UTF-16BE',
            default => 'UTF-8',
        };
        if ($encoding === 'UTF-8' && preg_match('/^\s*1 CHAR (\S+)/m', substr($start, 0, 4096), $m) === 1
            && ! in_array(strtoupper($m[1]), ['UTF-8', 'UTF8', 'ASCII', 'UNICODE'], true) && preg_match('/[\x80-\xFF]/', $start) === 1
            && ! mb_check_encoding(substr($start, 0, (int) strrpos($start, "\n")), 'UTF-8')) {
            throw NotReadable::encoding($m[1]);
        }

        return $encoding;
    }
}
