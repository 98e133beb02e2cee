<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In\Encoding;

use NorthBough\Core\Gedcom\NotReadable;

/**
 * Whether the bytes of a file agree with what its head says of them, and how some of its lines read in other encodings:
 * a letter that an encoding does not have, an accent on no letter, a sign within a word say that it is another one.
 */
final readonly class EncodingCheck
{
    private const SAMPLES = 6;

    /** Lines that are looked at; a file of one hand is of one encoding. */
    private const LOOKED_AT = 2000;

    /**
     * What no name, place or note has: a letter that is none, a control sign, an accent on no letter; within a word a sign, a
     * capital that is no ASCII, or a letter of another script; a low quotation mark or a dagger at its end.
     */
    private const ODD = '/\x{FFFD}|[\x{80}-\x{9F}]|\p{M}|\p{L}[^\p{L}\p{N}\p{Z}\x00-\x7F’·\x{2010}-\x{2015}]\p{L}'
        .'|\p{Ll}(?=[^\x00-\x7F])\p{Lu}|\p{L}(?=[^\x00-\x7F])\p{Lu}\p{Ll}'
        .'|\p{Latin}[\p{Cyrillic}\p{Greek}]|[\p{Cyrillic}\p{Greek}]\p{Latin}|\p{L}[‚„†‡‰\p{So}\p{Sm}]/u';

    /**
     * @param  string  $encoding  by which the file would be read; empty where its head names one that is not known
     * @param  list<string>  $lines  bytes of lines that are not UTF-8
     */
    private function __construct(public string $encoding, private array $lines)
    {
    }

    /** @param  iterable<string>  $chunks  the file's bytes from the start */
    public static function about(iterable $chunks): self
    {
        $start = '';
        $rest = '';
        $lines = [];
        foreach ($chunks as $chunk) {
            $start = strlen($start) < 1 << 14 ? $start.$chunk : $start;
            if (Encoding::isWide($start)) {
                return new self(Encoding::of($start)->name(), []);
            }
            $parts = preg_split('/\r\n|\n|\r/', $rest.$chunk) ?: [''];
            $rest = (string) array_pop($parts);
            $lines = [...$lines, ...self::foreign($parts)];
            if (count($lines) >= self::LOOKED_AT) {
                break;
            }
        }
        try {
            return new self(Encoding::of($start)->name(), [...$lines, ...self::foreign([$rest])]);
        } catch (NotReadable) {
            return new self('', $lines);
        }
    }

    /** Whether somebody must say how the letters are read: the bytes are not what the head says. */
    public function isOpen(): bool
    {
        return $this->lines !== [] && ($this->encoding === '' || self::oddIn($this->encoding, $this->lines) > 0);
    }

    /**
     * How it can be read, what fits best first; empty where all of it is UTF-8.
     *
     * @return list<array{name: string, odd: int, lines: list<string>}> the encoding, in how many lines it has letters that stand in no
     *     word, and some lines as they read in it
     */
    public function readings(): array
    {
        if ($this->lines === []) {
            return [];
        }
        $named = $this->encoding;
        $readings = array_map(fn (string $name): array => [
            'name' => $name, 'odd' => self::oddIn($name, $this->lines),
            'lines' => array_map(static fn (string $line): string => mb_substr(self::read($name, $line), 0, 200),
                array_slice(array_values(array_unique($this->lines)), 0, self::SAMPLES)),
        ], array_values(array_filter(Encoding::names(), static fn (string $name): bool => $name !== 'UTF-8')));
        usort($readings, static fn (array $a, array $b): int => [$a['odd'], $a['name'] !== $named] <=> [$b['odd'], $b['name'] !== $named]);

        return $readings;
    }

    /** @param  list<string>  $lines */
    private static function oddIn(string $name, array $lines): int
    {
        return count(array_filter($lines,
            static fn (string $line): bool => ! mb_check_encoding($read = self::read($name, $line), 'UTF-8')
                || preg_match(self::ODD, $read) === 1));
    }

    private static function read(string $name, string $line): string
    {
        $read = Encoding::named($name)->line($line);

        return mb_check_encoding($read, 'UTF-8') ? $read : (string) preg_replace('/[\x80-\xFF]/', "\u{FFFD}", $line);
    }

    /**
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function foreign(array $lines): array
    {
        return array_values(array_filter($lines, static fn (string $line): bool => ! mb_check_encoding($line, 'UTF-8')));
    }
}
