<?php

declare(strict_types=1);

namespace NorthBough\Core\Living;

/**
 * Finds the names of living people in notes, reasons and titles, and puts a word in their place. A name counts where
 * a given name and the surname stand together, in either order; a surname alone is that of the dead too.
 */
final class LivingNames
{
    private const INSTEAD = '[living]';

    /** @var array<string, true> "given surname" in lower case */
    private array $pairs = [];

    /** @var list<string> the texts in which a name was found */
    private array $found = [];

    /** @param  iterable<array{string, string}>  $names given names and surname of each living person */
    public function __construct(iterable $names)
    {
        foreach ($names as [$given, $surname]) {
            $first = strtok(mb_strtolower($given), ' ') ?: '';
            $last = mb_strtolower(trim($surname));
            if (mb_strlen($first) > 1 && mb_strlen($last) > 1) {
                $this->pairs["{$first} {$last}"] = true;
            }
        }
    }

    public function hide(string $text): string
    {
        if ($this->pairs === [] || ! str_contains($text, ' ')) {
            return $text;
        }
        $hidden = (string) preg_replace_callback(
            '/\p{Lu}[\p{L}\'’-]*\.?(?:[ ,]+\p{Lu}[\p{L}\'’-]*(?:\.(?= ))?)+/u',
            fn (array $m): string => $this->namesIn($m[0]) ? self::INSTEAD : $m[0],
            $text,
        );
        if ($hidden !== $text) {
            $this->found[] = $text;
        }

        return $hidden;
    }

    /** @return list<string> the texts that named somebody living, as they stand in the tree */
    public function found(): array
    {
        return array_values(array_unique($this->found));
    }

    /** Whether words that all begin with a capital hold a given name and, somewhere beside it, its surname. */
    private function namesIn(string $run): bool
    {
        $words = preg_split('/[ ,]+/', mb_strtolower($run)) ?: [];
        foreach ($words as $at => $word) {
            // The surname may be several words, and second names may stand between.
            for ($from = 0; $from < count($words); $from++) {
                for ($length = 1; $length <= 3 && $from + $length <= count($words); $length++) {
                    if ($from !== $at && isset($this->pairs[$word.' '.implode(' ', array_slice($words, $from, $length))])) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
