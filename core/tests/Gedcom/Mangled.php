<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

/** Breaks files as broken programs, disks and hands do. */
final class Mangled
{
    /** Lines cut off, shuffled, put on other levels, shortened, replaced and doubled, after the first few. */
    public static function lines(string $file, int $keep): string
    {
        $lines = explode("\n", trim($file));
        $first = array_slice($lines, 0, $keep);
        $rest = array_slice($lines, $keep);
        for ($change = mt_rand(1, 3); $change > 0; $change--) {
            $at = mt_rand(0, count($rest) - 1);
            match (mt_rand(0, 6)) {
                0 => $rest = array_slice($rest, 0, max(1, $at)),
                1 => shuffle($rest),
                2 => $rest[$at] = (string) preg_replace('/^\d+/', (string) mt_rand(1, 12), $rest[$at]),
                3 => $rest[$at] = substr($rest[$at], 0, mt_rand(0, strlen($rest[$at]))),
                4 => $rest[$at] = 'words that are no line',
                5 => $rest = array_map(
                    static fn (string $line): string => (string) preg_replace_callback('/^\d+/',
                        static fn (array $m): string => (string) max(0, (int) $m[0] + mt_rand(-1, 1)), $line), $rest),
                default => array_splice($rest, $at, 0, [$rest[mt_rand(0, count($rest) - 1)]]),
            };
        }

        return implode("\n", [...$first, ...$rest])."\n";
    }

    /** Bytes flipped and the end cut off, from a place on. */
    public static function bytes(string $file, int $from, ?int $until = null): string
    {
        $until = min($until ?? strlen($file), strlen($file)) - 1;
        for ($change = mt_rand(1, 6); $change > 0 && $until > $from; $change--) {
            $file[mt_rand($from, $until)] = chr(mt_rand(0, 255));
        }

        return mt_rand(0, 3) === 0 ? substr($file, 0, mt_rand($from + 1, max($from + 1, $until))) : $file;
    }

    /**
     * Words of payloads that a reader would miss; not tags, levels, pointers, nor what the head says of its writer.
     *
     * @return list<string>
     */
    public static function words(string $file, int $skip): array
    {
        $words = [];
        foreach (array_slice(preg_split('/\r\n|\n|\r/', $file) ?: [], $skip) as $line) {
            preg_match_all('/(?<![A-Za-z\x80-\xFF])[A-Z]?[a-z]{4,}(?![A-Za-z\x80-\xFF])/',
                (string) preg_replace('/^\s*\d+\s+(@[^@\s]+@ )?\w+/', '', $line), $m);
            array_push($words, ...$m[0]);
        }

        return array_values(array_unique($words));
    }
}
