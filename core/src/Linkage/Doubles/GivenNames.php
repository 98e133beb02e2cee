<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Naming\SoundCode;

/** The given names of a tree as numbers, how common they are, and how two of them compare. An inner loop: packed arrays. */
final class GivenNames
{
    private const LIKE = 0.8;

    private const LETTER_OFF = 0.6;

    private const INITIAL = 0.7;

    /** @var array<string, int> number of whole given names, by their search form */
    private array $numbers = [];

    /** @var list<list<int>> words of each */
    public array $words = [];

    /** @var array<int, int> how many bear the whole of it */
    private array $counts = [];

    /** @var array<string, int> */
    private array $wordNumbers = [];

    /** @var list<string> */
    private array $wordTexts = [];

    /** @var array<int, int> how many bear it as their first */
    private array $firstCounts = [];

    /** @var list<list<int>> by word: what it may be looked up under, its sound and the groups of its variants */
    private array $codes = [];

    /** @var array<string, int> */
    private array $codeNumbers = [];

    private int $all = 0;

    private int $seconds = 0;

    /** @var array<int, int> level by two words */
    private array $wordLevels = [];

    /** @var list<int> number of the first word of each; -1 for none */
    private array $first = [];

    /** @var list<int> of the second */
    private array $second = [];

    /** @var list<float> share of those whose first name it is, as a logarithm to the base 2; by whole name */
    private array $firstShares = [];

    /** @var list<float> share of those who bear the whole of it */
    private array $wholeShares = [];

    /** @var array<int, float> share of an agreement that does not hang on the name, as a logarithm, by level */
    private array $shares = [];

    private readonly NameVariants $variants;

    public function __construct(?NameVariants $variants = null)
    {
        $this->variants = $variants ?? NameVariants::usual();
    }

    public function add(string $given): int
    {
        $form = SearchForm::latin($given);
        if (! isset($this->numbers[$form])) {
            $this->numbers[$form] = count($this->words);
            $this->counts[] = 0;
            $words = $form === '' ? [] : array_map($this->word(...), explode(' ', $form));
            $this->words[] = $words;
            $this->first[] = $words[0] ?? -1;
            $this->second[] = $words[1] ?? -1;
        }
        $number = $this->numbers[$form];
        if ($form !== '') {
            $this->counts[$number]++;
            $this->firstCounts[$this->words[$number][0]]++;
            $this->all++;
            $this->seconds += isset($this->words[$number][1]) ? 1 : 0;
        }

        return $number;
    }

    /** @return list<int> what the given names of somebody may be looked up under, their second name's among them */
    public function codesOf(int $number): array
    {
        $codes = [];
        foreach (array_slice($this->words[$number], 0, 2) as $word) {
            array_push($codes, ...$this->codes[$word]);
        }

        return array_values(array_unique($codes));
    }

    /** Whether they begin with one and the same name. */
    public function beginAlike(int $given, int $other): bool
    {
        return $this->first[$given] >= 0 && $this->first[$given] === $this->first[$other];
    }

    /** @return list<int> of the first name only */
    public function firstCodesOf(int $number): array
    {
        return $this->words[$number] === [] ? [] : $this->codes[$this->words[$number][0]];
    }

    /** Counts how common each is, once all are told. */
    public function settle(): void
    {
        $log = static fn (float $share): float => log($share, 2);
        $this->firstShares = $this->wholeShares = [];
        foreach ($this->words as $number => $words) {
            $this->firstShares[] = $words === [] ? 0.0 : $log(($this->firstCounts[$words[0]] + 0.5) / ($this->all + 1));
            $this->wholeShares[] = $log(($this->counts[$number] + 0.5) / ($this->all + 1));
        }
        $second = ($this->seconds + 0.5) / ($this->all + 1);
        $this->shares = [
            GivenLevel::UNTOLD => 0.0, GivenLevel::SAME_WHOLE => 0.0, GivenLevel::SAME_FIRST => 2 * $log(1 - $second),
            GivenLevel::SECOND_MISSING => $log(max(0.02, 2 * $second * (1 - $second))),
            GivenLevel::SECOND_DIFFERS => $log(max(0.01, $second ** 2)), GivenLevel::VARIANT => 0.0, GivenLevel::INITIAL => $log(0.06),
            GivenLevel::ALIKE => 0.0, GivenLevel::BY_SECOND => 0.0, GivenLevel::DIFFERENT => $log(0.93),
        ];
    }

    /** @return int one of GivenLevel */
    public function level(int $a, int $b): int
    {
        $first = $this->first[$a];
        $otherFirst = $this->first[$b];
        if ($first < 0 || $otherFirst < 0) {
            return GivenLevel::UNTOLD;
        }
        $second = $this->second[$a];
        $otherSecond = $this->second[$b];
        if ($first === $otherFirst) {
            return match (true) {
                $second < 0 && $otherSecond < 0 => GivenLevel::SAME_FIRST,
                $second < 0 || $otherSecond < 0 => GivenLevel::SECOND_MISSING,
                $second === $otherSecond || $this->wordLevel($second, $otherSecond) !== GivenLevel::DIFFERENT => GivenLevel::SAME_WHOLE,
                default => GivenLevel::SECOND_DIFFERS,
            };
        }
        $level = $this->wordLevel($first, $otherFirst);

        return $level === GivenLevel::DIFFERENT && ($second >= 0 || $otherSecond >= 0)
            && ($second === $otherSecond || $this->isSecond($first, $otherSecond) || $this->isSecond($otherFirst, $second))
                ? GivenLevel::BY_SECOND : $level;
    }

    /**
     * The logarithm, to the base 2, of the chance that two drawn at random agree as these do.
     *
     * @param  int  $level  of the two
     */
    public function chance(int $level, int $a, int $b): float
    {
        $first = $this->firstShares[$a];
        $otherFirst = $this->firstShares[$b];

        return $this->shares[$level] + match ($level) {
            GivenLevel::SAME_WHOLE => ($this->wholeShares[$a] + $this->wholeShares[$b]) / 2,
            GivenLevel::SAME_FIRST, GivenLevel::SECOND_MISSING, GivenLevel::SECOND_DIFFERS => $first,
            GivenLevel::VARIANT, GivenLevel::ALIKE => max(($first + $otherFirst) / 2, max($first, $otherFirst) - 1),
            GivenLevel::BY_SECOND => max($first, $otherFirst) + 1,
            default => 0.0,
        };
    }

    private function isSecond(int $first, int $second): bool
    {
        return $second >= 0 && ($first === $second || $this->wordLevel($first, $second) === GivenLevel::VARIANT);
    }

    private function wordLevel(int $a, int $b): int
    {
        return $a === $b ? GivenLevel::SAME_FIRST
            : $this->wordLevels[$a < $b ? $a << 24 | $b : $b << 24 | $a] ??= $this->compareWords($this->wordTexts[$a],
                $this->wordTexts[$b]);
    }

    private function compareWords(string $word, string $otherWord): int
    {
        $level = PersonalNames::compare(PersonalName::of($word, ''), PersonalName::of($otherWord, ''), $this->variants)->level;

        return match (true) {
            strlen($word) === 1 || strlen($otherWord) === 1 => $level >= self::INITIAL - 0.01 ? GivenLevel::INITIAL : GivenLevel::DIFFERENT,
            $level > self::LIKE + 0.01 => GivenLevel::VARIANT,
            $level >= self::LETTER_OFF - 0.01 => GivenLevel::ALIKE,
            default => GivenLevel::DIFFERENT,
        };
    }

    private function word(string $word): int
    {
        if (isset($this->wordNumbers[$word])) {
            return $this->wordNumbers[$word];
        }
        $this->wordTexts[] = $word;
        $this->firstCounts[] = 0;
        $codes = [$this->code('='.SoundCode::of($word))];
        foreach ($this->variants->groupsOf($word) as $group) {
            $codes[] = $this->code("~{$group}");
        }
        $this->codes[] = $codes;

        return $this->wordNumbers[$word] = count($this->wordTexts) - 1;
    }

    private function code(string $key): int
    {
        return $this->codeNumbers[$key] ??= count($this->codeNumbers);
    }
}
