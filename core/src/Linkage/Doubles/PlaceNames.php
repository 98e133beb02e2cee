<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Place\PlacePath;

/** The places of a tree as numbers, how common they are, and how two of them compare. An inner loop: packed arrays. */
final class PlaceNames
{
    private const LETTER_OFF = 0.6;

    /** @var array<string, int> */
    private array $numbers = [];

    /** @var list<list<string>> the innermost first */
    private array $paths = [];

    /** @var array<int, int> */
    private array $counts = [];

    /** @var array<string, int> how many are at a place of that innermost name */
    private array $heads = [];

    /** @var array<string, int> */
    private array $headNumbers = [];

    private int $all = 0;

    /** @var array<int, int> */
    private array $levels = [];

    /** @var list<float> share of those who are there, as a logarithm to the base 2 */
    private array $shares = [];

    /** @var list<float> share of those at a place of that innermost name, and a little more */
    private array $headShares = [];

    /** @return int -1 where no place is told */
    public function add(string $place): int
    {
        if ($place === '') {
            return -1;
        }
        if (! isset($this->numbers[$place])) {
            $path = array_values(array_filter(array_map(SearchForm::latin(...), PlacePath::parse($place)->names)));
            if ($path === []) {
                return -1;
            }
            $this->numbers[$place] = count($this->paths);
            $this->paths[] = $path;
            $this->counts[] = 0;
            $this->headNumbers[$path[0]] ??= count($this->headNumbers);
        }
        $number = $this->numbers[$place];
        $this->counts[$number]++;
        $this->heads[$this->paths[$number][0]] = ($this->heads[$this->paths[$number][0]] ?? 0) + 1;
        $this->all++;

        return $number;
    }

    /** What a place may be looked up under. */
    public function code(int $number): int
    {
        return $this->headNumbers[$this->paths[$number][0]];
    }

    /** Counts how common each is, once all are told. */
    public function settle(): void
    {
        $this->shares = $this->headShares = [];
        foreach ($this->paths as $number => $path) {
            $this->shares[] = log(($this->counts[$number] + 0.5) / ($this->all + 1), 2);
            $this->headShares[] = log(min(1.0, $this->heads[$path[0]] / ($this->all + 1) + 0.02), 2);
        }
    }

    /** @return int one of PlaceLevel */
    public function level(int $a, int $b): int
    {
        return match (true) {
            $a < 0 || $b < 0 => PlaceLevel::UNTOLD,
            $a === $b => PlaceLevel::SAME,
            default => $this->levels[$a < $b ? $a << 24 | $b : $b << 24 | $a] ??= $this->compare($this->paths[$a], $this->paths[$b]),
        };
    }

    /**
     * The logarithm, to the base 2, of the chance that two drawn at random agree as these do.
     *
     * @param  int  $level  of the two
     */
    public function chance(int $level, int $a, int $b): float
    {
        return match ($level) {
            PlaceLevel::UNTOLD => 0.0,
            PlaceLevel::SAME => $this->shares[$a],
            PlaceLevel::FITS => max($this->headShares[$a], $this->headShares[$b]),
            PlaceLevel::NEAR => -1.5,
            default => -1.0,
        };
    }

    /**
     * @param  list<string>  $path
     * @param  list<string>  $otherPath
     */
    private function compare(array $path, array $otherPath): int
    {
        if ($path === $otherPath) {
            return PlaceLevel::SAME;
        }
        [$wide, $narrow] = count($path) <= count($otherPath) ? [$path, $otherPath] : [$otherPath, $path];
        if (array_slice($narrow, -count($wide)) === $wide || array_values(array_intersect($narrow, $wide)) === $wide
            || self::areAlike($path[0], $otherPath[0])) {
            return PlaceLevel::FITS;
        }

        return array_intersect($path, $otherPath) === [] ? PlaceLevel::DIFFERENT : PlaceLevel::NEAR;
    }

    private static function areAlike(string $word, string $otherWord): bool
    {
        return PersonalNames::compare(PersonalName::of('', $word), PersonalName::of('', $otherWord))->level >= self::LETTER_OFF - 0.01;
    }
}
