<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

/**
 * Whether two files say the same: records correspond by their pointers and are equal as ordered trees of tag and
 * payload, once continued lines are joined. It shares nothing with the reader it judges.
 */
final class SaysTheSame
{
    /**
     * @return array<string, string> the record's first line => its whole tree as indented text, the head's writer and date
     *     and what it declares of ours left out
     */
    public static function normalised(string $file): array
    {
        $file = (string) preg_replace(['/^\xEF\xBB\xBF/', '/^2 TAG \S+ https:\/\/north-bough\.example\S*\R/m', '/^1 SCHMA\R(?!2)/m'],
            '', $file);
        $seven = preg_match('/^2 VERS 7/m', $file) === 1;
        $records = [];
        $key = '';
        $skip = 99;
        foreach (preg_split('/\r\n|\r|\n/', $file) ?: [] as $line) {
            if (preg_match('/^\s*(\d+) (.*)$/s', $line, $m) !== 1) {
                continue;
            }
            [$level, $rest] = [(int) $m[1], $m[2]];
            if (preg_match('/^CON([TC])(?: (.*))?$/s', $rest, $c) === 1) {
                if ($key === 'HEAD' && $level > $skip) {
                    continue;
                }
                $text = $c[2] ?? '';
                $records[$key] .= ($c[1] === 'T' ? '⏎' : '')
                    .($seven ? (string) preg_replace('/^@@/', '@', $text) : str_replace('@@', '@', $text));

                continue;
            }
            if ($level === 0) {
                $key = $rest;
                $records[$key] = '';
            }
            if ($key === 'HEAD' && $level === 1) {
                $skip = in_array(explode(' ', $rest)[0], ['SOUR', 'DATE'], true) ? 1 : 99;
            }
            if ($key === 'HEAD' && $level >= $skip) {
                continue;
            }
            $records[$key] .= "\n".str_repeat('  ', $level)
                .($seven ? (string) preg_replace('/^(\S+ )@@/', '$1@', $rest) : str_replace('@@', '@', $rest));
        }
        ksort($records);

        return array_map(static fn (string $text): string => (string) preg_replace('/[ ]+$/m', '', $text), $records);
    }
}
