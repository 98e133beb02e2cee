<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

/**
 * How wide words will be, near enough to break them: average advance widths of a text serif in units of the type
 * size, by class of letter. A measure that errs, errs on the wide side.
 */
final class TypeMeasure
{
    /** @var array<string, float> by letter, since the same few stand in every drawing thousands of times */
    private static array $advances = [];

    public static function width(string $text, float $size): float
    {
        $width = 0.0;
        foreach (mb_str_split($text) as $letter) {
            $width += self::$advances[$letter] ??= self::advance($letter);
        }

        return $width * $size;
    }

    /** @return float in units of the type size */
    private static function advance(string $letter): float
    {
        return match (true) {
            preg_match('/[iljtf.,;:\'!| ]/u', $letter) === 1 => 0.30,
            preg_match('/[mwMW@]/u', $letter) === 1 => 0.88,
            preg_match('/[\p{Lu}]/u', $letter) === 1 => 0.66,
            preg_match('/[\p{Han}\p{Hiragana}\p{Katakana}\p{Hangul}]/u', $letter) === 1 => 1.0,
            default => 0.53,
        };
    }

    /** The words, cut with … where they would run over. */
    public static function cut(string $text, float $size, float $room): string
    {
        if (self::width($text, $size) <= $room) {
            return $text;
        }
        while ($text !== '' && self::width($text.'…', $size) > $room) {
            $text = mb_substr($text, 0, -1);
        }

        return rtrim($text).'…';
    }

    /**
     * The words broken at spaces into so many lines at most, the last one cut.
     *
     * @return non-empty-list<string>
     */
    public static function broken(string $text, float $size, float $room, int $most): array
    {
        $lines = [''];
        foreach (explode(' ', $text) as $word) {
            $last = count($lines) - 1;
            $longer = ltrim("{$lines[$last]} {$word}");
            if ($lines[$last] === '' || self::width($longer, $size) <= $room || count($lines) === $most) {
                $lines[$last] = $longer;
            } else {
                $lines[] = $word;
            }
        }

        return array_map(static fn (string $line): string => self::cut($line, $size, $room), $lines);
    }
}
