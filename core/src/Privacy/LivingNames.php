<?php

declare(strict_types=1);

namespace NorthBough\Core\Privacy;

/**
 * Finds the names of living people in notes, reasons and titles, and puts a word in their place. A name counts where
 * a given name and the surname stand together, in either order and in letters of either case; a surname alone is that
 * of the dead too.
 */
final class LivingNames
{
    private const INSTEAD = '[living]';

    private const WORD = '/\p{L}[\p{L}\p{M}\'’]*/u';

    /** What may stand between the words of one name. */
    private const BESIDE = '/^(?:[\s,_]+|\.\s*|-)$/u';

    /**
     * @var array<string, array<string, true>> surnames by given name, in lower case, words and parts of double names parted
     *     by one blank
     */
    private array $surnames = [];

    /** How many words the longest surname has. */
    private int $longest = 0;

    /** @var list<string> the texts in which a name was found */
    private array $found = [];

    /** @param  iterable<array{string, string}>  $names given names and surname of each living person */
    public function __construct(iterable $names)
    {
        foreach ($names as [$given, $surname]) {
            $last = implode(' ', self::words($surname));
            foreach (mb_strlen($last) > 1 ? self::words($given) : [] as $first) {
                if (mb_strlen($first) > 1) {
                    $this->surnames[$first][$last] = true;
                    $this->longest = max($this->longest, 1 + substr_count($last, ' '));
                }
            }
        }
    }

    public function hide(string $text): string
    {
        if ($this->surnames === []) {
            return $text;
        }
        $spans = $this->spans($text);
        if ($spans === []) {
            return $text;
        }
        $this->found[] = $text;
        foreach (array_reverse($spans) as [$from, $to]) {
            $text = substr($text, 0, $from).self::INSTEAD.substr($text, $to);
        }

        return $text;
    }

    /** @return list<string> the texts that named somebody living, as they stand in the tree */
    public function found(): array
    {
        return array_values(array_unique($this->found));
    }

    /** @return list<array{int, int}> where names begin and end, in bytes, from the first on */
    private function spans(string $text): array
    {
        if (! preg_match_all(self::WORD, $text, $m, PREG_OFFSET_CAPTURE)) {
            return [];
        }
        $words = $m[0];
        $low = array_map(static fn (array $word): string => mb_strtolower($word[0]), $words);
        /** @var list<array{int, int}> $spans */
        $spans = [];
        foreach ($low as $at => $word) {
            foreach (isset($this->surnames[$word]) ? $this->beside($text, $words, $low, $at) : [] as $span) {
                $before = array_pop($spans);
                // Two given names of one person are one name.
                $spans = match (true) {
                    $before === null => [$span],
                    $span[0] <= $before[1] => [...$spans, [min($before[0], $span[0]), max($before[1], $span[1])]],
                    default => [...$spans, $before, $span],
                };
            }
        }

        return $spans;
    }

    /**
     * Where a surname of that given name stands after it, with at most two names between, or before it with at most one.
     *
     * @param  list<array{string, int}>  $words
     * @param  list<string>  $low
     * @return list<array{int, int}>
     */
    private function beside(string $text, array $words, array $low, int $given): array
    {
        $surnames = $this->surnames[$low[$given]];
        for ($length = 1; $length <= $this->longest; $length++) {
            foreach ([$given + 1, $given + 2, $given + 3, $given - $length, $given - $length - 1] as $from) {
                if ($from < 0 || ! isset($surnames[implode(' ', array_slice($low, $from, $length))])) {
                    continue;
                }
                $first = min($given, $from);
                $last = min(max($given, $from + $length - 1), count($words) - 1);
                if ($this->areOneName($text, $words, $first, $last)) {
                    return [[$words[$first][1], $words[$last][1] + strlen($words[$last][0])]];
                }
            }
        }

        return [];
    }

    /** @param  list<array{string, int}>  $words */
    private function areOneName(string $text, array $words, int $first, int $last): bool
    {
        for ($i = $first; $i < $last; $i++) {
            $end = $words[$i][1] + strlen($words[$i][0]);
            if (! preg_match(self::BESIDE, substr($text, $end, $words[$i + 1][1] - $end))) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> in lower case */
    private static function words(string $name): array
    {
        preg_match_all(self::WORD, mb_strtolower($name), $m);

        return $m[0];
    }
}
