<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/**
 * Gives everybody a layer: below all their parents, beside their partners wherever that can be, and right above their
 * children where no parents hold them higher.
 */
final class Generations
{
    /** @var array<int, int> group by person: those who share a layer because they were a couple */
    private array $group;

    private function __construct(private readonly KinGraph $graph)
    {
        $this->group = array_keys($graph->ids);
        foreach ($graph->partners as $partners) {
            foreach (array_slice($partners, 1) as $partner) {
                $this->unite($partners[0], $partner);
            }
        }
    }

    /** @return array{list<int>, list<int>} layer and group, by person; the topmost layer is 0 */
    public static function of(KinGraph $graph): array
    {
        $generations = new self($graph);
        do {
            [$layers, $held] = $generations->layers();
            // Where partners stand in two generations of one line they cannot share a layer.
            $generations->part($held);
        } while ($held !== []);
        $groups = array_map($generations->root(...), array_keys($graph->ids));

        return [array_map(static fn (int $group): int => $layers[$group], $groups), $groups];
    }

    private function root(int $person): int
    {
        while ($this->group[$person] !== $person) {
            $person = $this->group[$person] = $this->group[$this->group[$person]];
        }

        return $person;
    }

    private function unite(int $one, int $other): void
    {
        [$one, $other] = [$this->root($one), $this->root($other)];
        $this->group[max($one, $other)] = min($one, $other);
    }

    /** @param  array<int, true>  $held */
    private function part(array $held): void
    {
        foreach (array_keys($this->group) as $person) {
            $root[$person] = $this->root($person);
        }
        foreach ($root ?? [] as $person => $group) {
            $this->group[$person] = isset($held[$group]) ? $person : $group;
        }
    }

    /**
     * The longest way down to each group.
     *
     * @return array{array<int, int>, array<int, true>} layer by group, and the groups that hold each other in a circle
     */
    private function layers(): array
    {
        [$below, $above] = $this->edges();
        $layers = $left = [];
        foreach (array_keys($this->graph->ids) as $person) {
            $left[$this->root($person)] = count($above[$this->root($person)] ?? []);
        }
        $order = [];
        for ($open = array_keys($left, 0, true); $open !== [];) {
            $order[] = $group = array_shift($open);
            $layers[$group] ??= 0;
            foreach ($below[$group] ?? [] as $next => $_) {
                $layers[$next] = max($layers[$next] ?? 0, $layers[$group] + 1);
                if (--$left[$next] === 0) {
                    $open[] = $next;
                }
            }
        }
        foreach (array_reverse($order) as $group) {
            if (($above[$group] ?? []) === [] && ($below[$group] ?? []) !== []) {
                $layers[$group] = min(PHP_INT_MAX, ...array_intersect_key($layers, $below[$group])) - 1;
            }
        }

        return [$layers, $this->circle(array_diff_key($left, array_flip($order)), $below)];
    }

    /** @return array{array<int, array<int, true>>, array<int, array<int, true>>} groups below and above, by group */
    private function edges(): array
    {
        $below = $above = [];
        foreach ($this->graph->partners as $household => $partners) {
            foreach ($partners as $partner) {
                $from = $this->root($partner);
                foreach ($this->graph->children[$household] as $child) {
                    $to = $this->root($child);
                    $below[$from][$to] = $above[$to][$from] = true;
                }
            }
        }

        return [$below, $above];
    }

    /**
     * @param  array<int, int>  $left  groups that are in a circle, or below one
     * @param  array<int, array<int, true>>  $below
     * @return array<int, true> those of them that are not only below
     */
    private function circle(array $left, array $below): array
    {
        do {
            $before = count($left);
            $left = array_filter($left, static fn (int $group): bool => array_intersect_key($below[$group] ?? [], $left) !== [],
                ARRAY_FILTER_USE_KEY);
        } while (count($left) < $before);

        return array_fill_keys(array_keys($left), true);
    }
}
