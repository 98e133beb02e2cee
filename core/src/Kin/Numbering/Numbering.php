<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use NorthBough\Core\Tree\TreeView;

/**
 * A numbering of everybody who descends from somebody or a couple, or is above somebody: the system, whom it begins with, and
 * whom it counts.
 */
final readonly class Numbering
{
    /** The code of the system that numbers ancestors. */
    public const ANCESTORS = 'ancestors';

    /**
     * @param  string  $system  ANCESTORS, or the code of a NumberSystem
     * @param  list<string>  $unionIds  only the children of these unions of whoever it begins with; none for all
     */
    public function __construct(public string $system, public string $founderId, public array $unionIds, public LineChoice $choice)
    {
    }

    /** @return array<string, string> the title of each system that there is, by code */
    public static function systems(): array
    {
        return [...array_map(static fn (NumberSystem $system): string => $system::title(), NumberSystems::all()),
            self::ANCESTORS => 'Ancestors'];
    }

    /** Whether the number of one can be told without counting everybody before them. */
    public function isOfPaths(): bool
    {
        return $this->system === self::ANCESTORS || $this->system() instanceof PathNumbers;
    }

    /**
     * @param  list<string>  $personIds
     * @param  Lines  $lines  with the children whom the choice counts
     * @return array<string, non-empty-list<LineNumber>> by person, the one under which they are told first; without those who
     *     have none
     */
    public function of(array $personIds, TreeView $tree, Lines $lines): array
    {
        $system = $this->system === self::ANCESTORS ? null : $this->system();
        $all = $system instanceof PathNumbers
            ? self::numbersOf($system->number(Descent::towards($lines, $this->founderId, $personIds, $this->unionIds))->list)
            : $this->everybody($tree, $lines);
        $wanted = array_flip($personIds);
        $numbers = [];
        foreach ($all as [$id, $number]) {
            if (isset($wanted[$id])) {
                $numbers[$id][] = $number;
            }
        }

        return $numbers;
    }

    /** @return list<array{string, LineNumber}> everybody who has a number, in the order in which they are told */
    public function everybody(TreeView $tree, Lines $lines): array
    {
        if ($this->system === self::ANCESTORS) {
            return array_map(static fn (Ancestor $one): array => [$one->personId, new LineNumber($one->number)],
                AncestorNumbers::above($tree, $this->founderId, AncestorNumbers::MOST_GENERATIONS, $this->choice));
        }

        return WithoutCollecting::do(fn (): array => self::numbersOf(NumberSystems::numbered($this->system(), $lines, $this->founderId,
            PHP_INT_MAX, $this->unionIds)->list));
    }

    /**
     * Whose number somebody typed.
     *
     * @return list<string> ids: one or nobody
     */
    public function whoHas(string $typed, TreeView $tree, Lines $lines): array
    {
        $number = rtrim(trim($typed), '?');
        if ($this->system === self::ANCESTORS) {
            return preg_match('/^\d+$/', $number) === 1
                ? AncestorNumbers::at($tree, $this->founderId, $number, $this->choice) : [];
        }
        $system = $this->system();
        if ($system instanceof PathNumbers) {
            return $this->at($system->places($number), $lines);
        }
        foreach (preg_match('/^\d+$/', $number) === 1 ? $this->everybody($tree, $lines) : [] as [$id, $other]) {
            if ($other->number === $number) {
                return [$id];
            }
        }

        return [];
    }

    /**
     * @param  list<Descendant>  $list
     * @return list<array{string, LineNumber}>
     */
    private static function numbersOf(array $list): array
    {
        $numbers = [];
        foreach ($list as $one) {
            if ($one->number !== '') {
                $numbers[] = [$one->personId, new LineNumber($one->number, $one->isProvisional)];
            }
        }

        return $numbers;
    }

    /**
     * @param  list<int>|null  $places  of each child down the line; null where what was typed is no number of the system
     * @return list<string>
     */
    private function at(?array $places, Lines $lines): array
    {
        $id = $this->founderId;
        foreach ($places ?? [] as $depth => $place) {
            $families = Descent::within($lines->families([$id])[$id] ?? [], $depth === 0 ? $this->unionIds : []);
            $id = (CountedChild::of($families)[$place - 1] ?? null)?->child->personId;
            if ($id === null) {
                return [];
            }
        }

        return $places === null ? [] : [$id];
    }

    private function system(): NumberSystem
    {
        return NumberSystems::all()[$this->system];
    }
}
