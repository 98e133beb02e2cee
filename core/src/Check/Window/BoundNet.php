<?php

declare(strict_types=1);

namespace NorthBough\Core\Check\Window;

/**
 * Days that bound one another, settled to a fixed point. An inner loop on packed arrays of integers: a variable is a
 * number, an edge says that one day lies at least so many days after another. Each bound remembers what it came from, so
 * that the chain behind it can be told. Time grows with the number of edges: a bound that a contradiction would push on
 * for ever is left alone after a fixed number of turns.
 */
final class BoundNet
{
    public const NONE = -1;

    private const TURNS = 24;

    /** @var array<int, int> by variable; a missing one is open */
    private array $lowest = [];

    /** @var array<int, int> */
    private array $highest = [];

    /** @var array<int, int> what set the bound: an edge, or below NONE a said bound */
    private array $lowestBy = [];

    /** @var array<int, int> */
    private array $highestBy = [];

    /** @var list<int> */
    private array $from = [];

    /** @var list<int> */
    private array $to = [];

    /** @var list<int> */
    private array $gap = [];

    /** @var list<int> what each edge is told by */
    private array $rule = [];

    /** @var list<int> what each said bound is told by */
    private array $said = [];

    /** @var array<int, list<int>> edges by the variable at either end */
    private array $edges = [];

    /** Says that one day lies at least `$gap` days after another; a negative gap is at most so many days before. */
    public function after(int $variable, int $other, int $gap, int $rule): void
    {
        $edge = count($this->from);
        $this->from[] = $other;
        $this->to[] = $variable;
        $this->gap[] = $gap;
        $this->rule[] = $rule;
        $this->edges[$other][] = $edge;
        $this->edges[$variable][] = $edge;
    }

    public function notBefore(int $variable, int $day, int $rule): void
    {
        if (! isset($this->lowest[$variable]) || $day > $this->lowest[$variable]) {
            $this->lowest[$variable] = $day;
            $this->lowestBy[$variable] = $this->say($rule);
        }
    }

    public function notAfter(int $variable, int $day, int $rule): void
    {
        if (! isset($this->highest[$variable]) || $day < $this->highest[$variable]) {
            $this->highest[$variable] = $day;
            $this->highestBy[$variable] = $this->say($rule);
        }
    }

    /** @return int how often a bound was moved */
    public function settle(): int
    {
        $waiting = array_keys($this->lowest + $this->highest);
        $isWaiting = array_fill_keys($waiting, true);
        $turns = [];
        $moved = 0;
        for ($at = 0; $at < count($waiting); $at++) {
            $variable = $waiting[$at];
            unset($isWaiting[$variable]);
            $turns[$variable] = ($turns[$variable] ?? 0) + 1;
            if ($turns[$variable] > self::TURNS) {
                continue;
            }
            foreach ($this->edges[$variable] ?? [] as $edge) {
                $other = $this->push($edge, $variable);
                if ($other !== self::NONE) {
                    $moved++;
                    if (! isset($isWaiting[$other])) {
                        $isWaiting[$other] = true;
                        $waiting[] = $other;
                    }
                }
            }
            // What was looked at is not needed again.
            if ($at > 65_536) {
                array_splice($waiting, 0, $at + 1);
                $at = -1;
            }
        }

        return $moved;
    }

    public function lowest(int $variable): ?int
    {
        return $this->lowest[$variable] ?? null;
    }

    public function highest(int $variable): ?int
    {
        return $this->highest[$variable] ?? null;
    }

    /** Whether no day is left: what is told contradicts itself. */
    public function isImpossible(int $variable): bool
    {
        return isset($this->lowest[$variable], $this->highest[$variable]) && $this->lowest[$variable] > $this->highest[$variable];
    }

    /**
     * The chain behind a bound, from what was said to the bound itself.
     *
     * @return list<array{int, int, int}> variable, its day, and what it is told by
     */
    public function chain(int $variable, bool $isLowest): array
    {
        $chain = [];
        $seen = [];
        for ($at = $variable; ! isset($seen[$at]);) {
            $seen[$at] = true;
            $by = ($isLowest ? $this->lowestBy : $this->highestBy)[$at] ?? self::NONE;
            $day = ($isLowest ? $this->lowest : $this->highest)[$at] ?? 0;
            if ($by === self::NONE) {
                break;
            }
            if ($by < self::NONE) {
                $chain[] = [$at, $day, $this->said[-$by - 2]];
                break;
            }
            $chain[] = [$at, $day, $this->rule[$by]];
            $at = $isLowest ? $this->from[$by] : $this->to[$by];
        }

        return array_reverse($chain);
    }

    /** Pushes the bound at one end of an edge to the other; the variable that was moved, or NONE. */
    private function push(int $edge, int $variable): int
    {
        [$from, $to, $gap] = [$this->from[$edge], $this->to[$edge], $this->gap[$edge]];
        if ($variable === $from && isset($this->lowest[$from]) && (! isset($this->lowest[$to]) || $this->lowest[$to] < $this->lowest[$from] + $gap)) {
            $this->lowest[$to] = $this->lowest[$from] + $gap;
            $this->lowestBy[$to] = $edge;

            return $to;
        }
        if ($variable === $to && isset($this->highest[$to]) && (! isset($this->highest[$from]) || $this->highest[$from] > $this->highest[$to] - $gap)) {
            $this->highest[$from] = $this->highest[$to] - $gap;
            $this->highestBy[$from] = $edge;

            return $from;
        }

        return self::NONE;
    }

    /** Said bounds are counted downwards from below NONE, so that one integer tells either. */
    private function say(int $rule): int
    {
        $this->said[] = $rule;

        return -count($this->said) - 1;
    }
}
