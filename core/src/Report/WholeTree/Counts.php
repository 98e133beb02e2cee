<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\WholeTree;

/** How often each of some values occurs. */
final class Counts
{
    /** @var array<string, int> */
    private array $counts = [];

    public function add(string $value): void
    {
        $this->counts[$value] = ($this->counts[$value] ?? 0) + 1;
    }

    public function total(): int
    {
        return array_sum($this->counts);
    }

    /** @return array<string, int> by value, the most frequent first; of those equally frequent by their words */
    public function commonest(int $most): array
    {
        $counts = $this->counts;
        uksort($counts, fn (string|int $a, string|int $b): int => $this->counts[$b] <=> $this->counts[$a] ?: strnatcasecmp((string) $a,
            (string) $b));

        return array_slice($counts, 0, $most, true);
    }

    /**
     * By number, with those that do not occur between the least and the most that do.
     *
     * @return array<int, int>
     */
    public function inSteps(int $step): array
    {
        $numbers = array_map(intval(...), array_keys($this->counts));
        $steps = [];
        for ($at = $numbers === [] ? 0 : min($numbers); $numbers !== [] && $at <= max($numbers); $at += $step) {
            $steps[$at] = $this->counts[(string) $at] ?? 0;
        }

        return $steps;
    }
}
