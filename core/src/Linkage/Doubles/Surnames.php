<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Naming\PatronymicStem;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Naming\SoundCode;

/** The surnames of a tree as numbers, how common they are, and how two of them compare. An inner loop: packed arrays. */
final class Surnames
{
    private const LETTER_OFF = 0.6;

    /** @var array<string, int> */
    private array $numbers = [];

    /** @var list<string> */
    private array $texts = [];

    /** @var array<int, int> */
    private array $counts = [];

    /** @var list<bool> whether it is made of the father's name */
    public array $arePatronymics = [];

    /** @var list<list<int>> what each may be looked up under */
    private array $codes = [];

    /** @var array<string, int> */
    private array $codeNumbers = [];

    /** @var array<int, int> how many bear a surname of that first code */
    private array $codeCounts = [];

    /** @var array<int, list<int>> by person: surnames of husbands */
    public array $married = [];

    private int $all = 0;

    /** @var array<int, int> */
    private array $levels = [];

    /** @var list<float> share of those who bear it, as a logarithm to the base 2 */
    private array $shares = [];

    /** @var list<float> share of those who bear one that sounds the same */
    private array $alikeShares = [];

    public function add(string $surname): int
    {
        $form = SearchForm::latin($surname);
        if (! isset($this->numbers[$form])) {
            $this->numbers[$form] = count($this->texts);
            $this->texts[] = $form;
            $this->counts[] = 0;
            $stem = PatronymicStem::of($form);
            $this->arePatronymics[] = $stem !== '';
            $this->codes[] = array_map(fn (string $key): int => $this->codeNumbers[$key] ??= count($this->codeNumbers),
                $form === '' ? [] : ($stem === '' ? SoundCode::each($form) ?: [$form] : ['-'.SoundCode::of($stem)]));
        }
        $number = $this->numbers[$form];
        if ($form !== '') {
            $this->counts[$number]++;
            $this->all++;
            $code = $this->codes[$number][0];
            $this->codeCounts[$code] = ($this->codeCounts[$code] ?? 0) + 1;
        }

        return $number;
    }

    public function marriedAs(int $person, int $surname): void
    {
        if ($this->texts[$surname] !== '' && ! in_array($surname, $this->married[$person] ?? [], true)) {
            $this->married[$person][] = $surname;
        }
    }

    /** @return list<int> */
    public function codesOf(int $number): array
    {
        return $this->codes[$number];
    }

    /** @return int one of SurnameLevel */
    public function level(int $a, int $b): int
    {
        return $a === $b ? ($this->counts[$a] === 0 ? SurnameLevel::UNTOLD : SurnameLevel::SAME)
            : $this->levels[$a < $b ? $a << 24 | $b : $b << 24 | $a] ??= $this->compare($this->texts[$a], $this->texts[$b]);
    }

    /** Counts how common each is, once all are told. */
    public function settle(): void
    {
        $this->shares = $this->alikeShares = [];
        foreach ($this->counts as $number => $count) {
            $this->shares[] = log(($count + 0.5) / ($this->all + 1), 2);
            $this->alikeShares[] = log((($this->codeCounts[$this->codes[$number][0] ?? -1] ?? 0) + 0.5) / ($this->all + 1), 2);
        }
    }

    /**
     * The logarithm, to the base 2, of the chance that two drawn at random agree as these do.
     *
     * @param  int  $level  of the two
     */
    public function chance(int $level, int $a, int $b): float
    {
        return match ($level) {
            SurnameLevel::UNTOLD => 0.0,
            SurnameLevel::SAME => $this->shares[$a],
            SurnameLevel::DIFFERENT => -0.07,
            default => ($this->alikeShares[$a] + $this->alikeShares[$b]) / 2,
        };
    }

    private function compare(string $word, string $otherWord): int
    {
        if ($word === '' || $otherWord === '') {
            return SurnameLevel::UNTOLD;
        }
        if ($word === $otherWord) {
            return SurnameLevel::SAME;
        }
        $stem = PatronymicStem::of($word);
        if ($stem !== '' && PatronymicStem::of($otherWord) !== '') {
            return self::areAlike($stem, PatronymicStem::of($otherWord)) ? SurnameLevel::PATRONYMIC : SurnameLevel::DIFFERENT;
        }

        return self::areAlike($word, $otherWord) ? SurnameLevel::ALIKE : SurnameLevel::DIFFERENT;
    }

    private static function areAlike(string $word, string $otherWord): bool
    {
        return PersonalNames::compare(PersonalName::of('', $word), PersonalName::of('', $otherWord))->level >= self::LETTER_OFF - 0.01;
    }
}
