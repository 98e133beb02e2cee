<?php

declare(strict_types=1);

namespace NorthBough\Core\Life\Window;

/**
 * Days that bound one another, settled to a fixed point. An inner loop on packed arrays of integers: a variable is a
 * number, an edge says that one day lies at least so many days after another. Each bound remembers what it came from, so
 * that the chain behind it can be told. Time grows with the number of edges. A bound that a contradiction would push on
 * for ever is put at the end of time, so that what is settled never depends on the order of the work.
 */
final class BoundNetwork
{
    public const NONE = -1;

    /** Julian Day Numbers between which everything lies. */
    public const FIRST = 0;

    public const LAST = 3_000_000;

    /** No line of descent is so long that a bound is moved as often as this; a circle is. */
    private const TURNS = 400;

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

    /** @var array<int, int> the last edge that leaves a variable; the one before it stands in nextFrom */
    private array $lastFrom = [];

    /** @var list<int> */
    private array $nextFrom = [];

    /** @var array<int, int> the last edge that comes to a variable */
    private array $lastTo = [];

    /** @var list<int> */
    private array $nextTo = [];

    /** Says that one day lies at least `$gap` days after another; a negative gap is at most so many days before. */
    public function after(int $variable, int $otherVariable, int $gap, int $rule): void
    {
        $edge = count($this->from);
        $this->from[] = $otherVariable;
        $this->to[] = $variable;
        $this->gap[] = $gap;
        $this->rule[] = $rule;
        $this->nextFrom[] = $this->lastFrom[$otherVariable] ?? self::NONE;
        $this->lastFrom[$otherVariable] = $edge;
        $this->nextTo[] = $this->lastTo[$variable] ?? self::NONE;
        $this->lastTo[$variable] = $edge;
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
                $this->toTheEnd($variable);
            }
            foreach ($this->push($variable) as $otherVariable) {
                $moved++;
                if (! isset($isWaiting[$otherVariable])) {
                    $isWaiting[$otherVariable] = true;
                    $waiting[] = $otherVariable;
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

    /** The variable from which a bound was pushed; NONE where it was said, or is open. */
    public function pushedFrom(int $variable, bool $isLowest): int
    {
        $by = ($isLowest ? $this->lowestBy : $this->highestBy)[$variable] ?? self::NONE;

        return $by < 0 ? self::NONE : ($isLowest ? $this->from[$by] : $this->to[$by]);
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

    /** Only what goes round in a circle is moved so often; which of its two bounds does, the other does not. */
    private function toTheEnd(int $variable): void
    {
        if (isset($this->lowest[$variable]) && $this->goesRound($variable, true)) {
            $this->lowest[$variable] = self::LAST;
        }
        if (isset($this->highest[$variable]) && $this->goesRound($variable, false)) {
            $this->highest[$variable] = self::FIRST;
        }
    }

    private function goesRound(int $variable, bool $isLowest): bool
    {
        $seen = [];
        for ($at = $variable; $at !== self::NONE && ! isset($seen[$at]);) {
            $seen[$at] = true;
            $at = $this->pushedFrom($at, $isLowest);
        }

        return $at !== self::NONE;
    }

    /** @return list<int> variables of which a bound was moved by those of this one */
    private function push(int $variable): array
    {
        $moved = [];
        $lowest = $this->lowest[$variable] ?? null;
        for ($edge = $lowest === null ? self::NONE : $this->lastFrom[$variable] ?? self::NONE; $edge >= 0; $edge = $this->nextFrom[$edge]) {
            $to = $this->to[$edge];
            $day = min(self::LAST, $lowest + $this->gap[$edge]);
            if (! isset($this->lowest[$to]) || $this->lowest[$to] < $day) {
                $this->lowest[$to] = $day;
                $this->lowestBy[$to] = $edge;
                $moved[] = $to;
            }
        }
        $highest = $this->highest[$variable] ?? null;
        for ($edge = $highest === null ? self::NONE : $this->lastTo[$variable] ?? self::NONE; $edge >= 0; $edge = $this->nextTo[$edge]) {
            $from = $this->from[$edge];
            $day = max(self::FIRST, $highest - $this->gap[$edge]);
            if (! isset($this->highest[$from]) || $this->highest[$from] > $day) {
                $this->highest[$from] = $day;
                $this->highestBy[$from] = $edge;
                $moved[] = $from;
            }
        }

        return $moved;
    }

    /** Said bounds are counted downwards from below NONE, so that one integer tells either. */
    private function say(int $rule): int
    {
        $this->said[] = $rule;

        return -count($this->said) - 1;
    }
}
