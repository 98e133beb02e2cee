<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\In\Encoding\Encoding;
use NorthBough\Core\Gedcom\NotReadable;

/** Bytes in, lines of UTF-8 out, whatever ends the lines. Holds one chunk at a time. */
final class Decoder
{
    /** Bytes that must have come in before the head is looked at for what encoding it names. */
    private const ENOUGH = 1 << 14;

    /**
     * @param  iterable<string>  $chunks  the file's bytes in order, in pieces of any size
     * @param  string  $as  the encoding, by a name of Encoding::names(); empty for what the file says
     * @return \Generator<int, string> line number from 1 => line, without its end
     *
     * @throws NotReadable when the file is empty, zipped, or in an encoding that is not read
     */
    public static function lines(iterable $chunks, string $as = ''): \Generator
    {
        $number = 0;
        foreach (self::split(self::gathered($chunks), $as) as $line) {
            $number++;
            yield $number => $number === 1 && str_starts_with($line, "\u{FEFF}") ? substr($line, 3) : $line;
        }
    }

    /**
     * @param  iterable<string>  $chunks
     * @return \Generator<int, string> the same, the first long enough to hold the head
     */
    private static function gathered(iterable $chunks): \Generator
    {
        $start = '';
        $begun = false;
        foreach ($chunks as $chunk) {
            if ($begun) {
                yield $chunk;

                continue;
            }
            $start .= $chunk;
            if (strlen($start) >= self::ENOUGH) {
                $begun = true;
                yield $start;
            }
        }
        if (! $begun) {
            yield $start;
        }
    }

    /**
     * @param  iterable<string>  $chunks
     * @return \Generator<int, string>
     */
    private static function split(iterable $chunks, string $as): \Generator
    {
        $encoding = null;
        $bytes = '';
        $rest = '';
        foreach ($chunks as $chunk) {
            $encoding ??= self::sniff($chunk, $as);
            if ($encoding->isSixteenBit()) {
                $bytes .= $chunk;
                $whole = $encoding->wholeLetters($bytes);
                $rest .= $encoding->widened(substr($bytes, 0, $whole));
                $bytes = substr($bytes, $whole);
            } else {
                $rest .= $chunk;
            }
            $parts = preg_split('/\r\n|\n|\r(?!\z)/', $rest) ?: [''];
            $rest = array_pop($parts);
            foreach ($parts as $line) {
                yield $encoding->isSixteenBit() ? $line : $encoding->line($line);
            }
        }
        if ($encoding === null) {
            throw NotReadable::empty();
        }
        $rest .= $encoding->isSixteenBit() ? $encoding->widened($bytes) : '';
        foreach (preg_split('/\r\n|\n|\r/', $rest) ?: [] as $line) {
            yield $encoding->isSixteenBit() ? $line : $encoding->line($line);
        }
    }

    /** @throws NotReadable */
    private static function sniff(string $start, string $as): Encoding
    {
        if ($start === '') {
            throw NotReadable::empty();
        }
        if (str_starts_with($start, "PK\x03\x04")) {
            throw NotReadable::zipped();
        }

        return Encoding::of($start, $as);
    }
}
