<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/**
 * Barycentre sweeps down and up over the units of each layer, then neighbours exchanged and partners turned (K. Sugiyama,
 * S. Tagawa, M. Toda, "Methods for Visual Understanding of Hierarchical System Structures", 1981).
 */
final class Sweeps
{
    private const SWEEPS = 12;

    private const EXCHANGES = 8;

    /** @var list<list<int>> nets by the node on top of them */
    private array $under = [];

    /** @var list<list<int>> nets by the node at their bottom */
    private array $over = [];

    /** @var array<int, int> place in its layer, by node */
    private array $place = [];

    public function __construct(private readonly Layers $layers)
    {
        $this->under = $this->over = array_fill(0, count($layers->layer), []);
        foreach ($layers->nets as $net => $ends) {
            foreach ($ends->tops as $node) {
                $this->under[$node][] = $net;
            }
            foreach ($ends->bottoms as $node) {
                $this->over[$node][] = $net;
            }
        }
    }

    /**
     * Sweeps the order as it stands, as long as that gets better.
     *
     * @param  array{int, list<list<int>>, list<list<int>>}  $best  the best so far: crossings, order, members
     * @return array{int, list<list<int>>, list<list<int>>}
     */
    public function improve(array $best, bool $exchanges = true): array
    {
        $last = count($this->layers->order) - 1;
        $since = 0;
        for ($sweep = 0; $sweep < self::SWEEPS && $since < 4 && $best[0] > 0; $sweep++, $since++) {
            foreach ($sweep % 2 === 0 ? range(0, $last) : range($last, 0) as $layer) {
                $this->sort($layer, $sweep % 2 === 0);
            }
            if ($exchanges) {
                $this->turnUnits();
                $this->exchange();
            }
            $crossings = $this->crossings();
            if ($crossings < $best[0]) {
                $best = [$crossings, $this->layers->order, $this->layers->members];
                $since = 0;
            }
        }

        return $best;
    }

    /** Sees to the places after the order was set from without. */
    public function number(): void
    {
        foreach (array_keys($this->layers->order) as $layer) {
            $this->numberLayer($layer);
        }
    }

    /** @param  array<int, int>  $units  from the left */
    private function put(int $layer, array $units): void
    {
        $this->layers->order[$layer] = array_values($units);
        $this->numberLayer($layer);
    }

    private function numberLayer(int $layer): void
    {
        $place = 0;
        foreach ($this->layers->order[$layer] as $unit) {
            foreach ($this->layers->members[$unit] as $node) {
                $this->place[$node] = $place++;
            }
        }
    }

    /** Puts each unit of a layer in the middle of what it is joined to; those joined to nothing keep their places. */
    private function sort(int $layer, bool $down): void
    {
        $keys = [];
        foreach ($this->layers->order[$layer] as $unit) {
            $ends = $down ? $this->ends($unit, true) : $this->ends($unit, false);
            if ($ends !== []) {
                $keys[$unit] = array_sum($ends) / count($ends);
            }
        }
        $units = $this->layers->order[$layer];
        $places = array_keys(array_filter($units, static fn (int $unit): bool => isset($keys[$unit])));
        asort($keys);
        foreach (array_keys($keys) as $at => $unit) {
            $units[$places[$at]] = $unit;
        }
        $this->put($layer, $units);
    }

    /**
     * Where the lines of a unit end, in the layer above or below.
     *
     * @return list<float>
     */
    private function ends(int $unit, bool $above): array
    {
        $ends = [];
        foreach ($this->layers->members[$unit] as $node) {
            foreach ($above ? $this->over[$node] : $this->under[$node] as $net) {
                if ($above) {
                    $ends[] = $this->middle($this->layers->nets[$net]->tops);
                } else {
                    foreach ($this->layers->nets[$net]->bottoms as $bottom) {
                        $ends[] = (float) $this->place[$bottom];
                    }
                }
            }
        }

        return $ends;
    }

    /** @param  non-empty-list<int>|list<int>  $nodes */
    private function middle(array $nodes): float
    {
        $sum = 0;
        foreach ($nodes as $node) {
            $sum += $this->place[$node];
        }

        return $sum / max(1, count($nodes));
    }

    /** Mirrors partners whose parents stand the other way round, where fewer lines cross then. */
    private function turnUnits(): void
    {
        foreach ($this->layers->members as $unit => $nodes) {
            if (count($nodes) < 2) {
                continue;
            }
            $parents = [];
            foreach ($nodes as $node) {
                foreach ($this->over[$node] as $net) {
                    $parents[] = $this->middle($this->layers->nets[$net]->tops);
                }
            }
            if (count($parents) > 1 && $parents[0] > $parents[count($parents) - 1]) {
                $layer = $this->layers->layer[$nodes[0]];
                $before = $this->crossingsIn($layer - 1) + $this->crossingsIn($layer);
                $this->layers->members[$unit] = array_reverse($nodes);
                $this->numberLayer($layer);
                if ($this->crossingsIn($layer - 1) + $this->crossingsIn($layer) >= $before) {
                    $this->layers->members[$unit] = $nodes;
                    $this->numberLayer($layer);
                }
            }
        }
    }

    private function exchange(): void
    {
        for ($round = 0, $isBetter = true; $isBetter && $round < self::EXCHANGES; $round++) {
            $isBetter = false;
            foreach (array_keys($this->layers->order) as $layer) {
                $isBetter = $this->exchangeIn($layer) || $isBetter;
            }
        }
    }

    /** @return bool whether any neighbours of a layer changed places */
    private function exchangeIn(int $layer): bool
    {
        $units = $this->layers->order[$layer];
        // Where lines end lies in other layers, so that it stays while the units of this one change places.
        $above = $below = [];
        foreach ($units as $unit) {
            $above[$unit] = $this->ends($unit, true);
            $below[$unit] = $this->ends($unit, false);
        }
        $isBetter = false;
        for ($at = 0; $at < count($units) - 1; $at++) {
            [$left, $right] = [$units[$at], $units[$at + 1]];
            if (self::gain($above[$left], $above[$right]) + self::gain($below[$left], $below[$right]) > 0) {
                [$units[$at], $units[$at + 1]] = [$right, $left];
                $isBetter = true;
            }
        }
        if ($isBetter) {
            $this->put($layer, $units);
        }

        return $isBetter;
    }

    /**
     * @param  list<float>  $left
     * @param  list<float>  $right
     * @return int how many lines fewer cross once the two have changed places
     */
    private static function gain(array $left, array $right): int
    {
        $gain = 0;
        foreach ($left as $end) {
            foreach ($right as $other) {
                $gain += $end <=> $other;
            }
        }

        return $gain;
    }

    public function crossings(): int
    {
        $crossings = 0;
        foreach (array_keys($this->layers->order) as $layer) {
            $crossings += $this->crossingsIn($layer);
        }

        return $crossings;
    }

    /** @var array<int, list<int>>|null nets by gap */
    private ?array $inGap = null;

    private function crossingsIn(int $gap): int
    {
        if ($this->inGap === null) {
            $this->inGap = [];
            foreach ($this->layers->nets as $net => $ends) {
                $this->inGap[$ends->gap][] = $net;
            }
        }
        $lines = [];
        foreach ($this->inGap[$gap] ?? [] as $net) {
            $top = $this->middle($this->layers->nets[$net]->tops);
            foreach ($this->layers->nets[$net]->bottoms as $bottom) {
                $lines[] = Crossings::line($top, $this->place[$bottom]);
            }
        }

        return Crossings::of($lines);
    }

    /** Children of one couple stand in their order wherever that makes no further lines cross. */
    public function siblingsInOrder(int $crossings): int
    {
        foreach ($this->layers->graph->children as $children) {
            $byLayer = [];
            foreach ($children as $child) {
                $byLayer[$this->layers->layer[$child]][] = $this->layers->unit[$child];
            }
            foreach ($byLayer as $layer => $siblings) {
                $before = $this->layers->order[$layer];
                $siblings = array_values(array_unique($siblings));
                $places = array_keys(array_intersect($before, $siblings));
                $crossed = $this->crossingsIn($layer - 1) + $this->crossingsIn($layer);
                $units = $before;
                foreach ($places as $at => $place) {
                    $units[$place] = $siblings[$at];
                }
                $this->put($layer, $units);
                if ($this->crossingsIn($layer - 1) + $this->crossingsIn($layer) > $crossed) {
                    $this->put($layer, $before);
                }
            }
        }

        return min($crossings, $this->crossings());
    }
}
