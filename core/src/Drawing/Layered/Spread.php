<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/**
 * Where each node stands across its layer: parents over the middle of their children as near as the order allows. Each
 * layer by itself is least squares under distances that must be kept, solved by pooling neighbours who press on each
 * other (M. Ayer and others, 1955); layers follow each other down and up until little moves.
 */
final class Spread
{
    private const SWEEPS = 16;

    /** What moves less than this stands still. */
    private const STILL = 1.0;

    private const WEIGHT_OF_FREE = 0.02;

    private const WEIGHT_OF_PASSING = 6.0;

    /** @var array<int, float> middle of each node */
    private array $middle = [];

    /** @var array<int, float> left edge of each unit */
    private array $left = [];

    /** @var array<int, float> */
    private array $width = [];

    /** @var array<int, float> from the left edge of its unit to the middle of a node */
    private array $offset = [];

    /** @var array<int, list<int>> nets by unit below them, and above */
    private array $over = [];

    /** @var array<int, list<int>> */
    private array $under = [];

    /** @var array<int, list<array{int, list<int>, list<int>}>> by gap: net, its tops, its bottoms */
    private array $inGap = [];

    /** @var array<int, float> by net: how far its tops stand to the right of its bottoms, as the layer was when it was settled */
    private array $pull = [];

    /** @var array<int, float> by net; a couple without children pulls at nothing */
    private array $weight = [];

    private function __construct(private readonly Layers $layers, private readonly Measures $measures)
    {
        foreach ($layers->members as $unit => $nodes) {
            $at = 0.0;
            foreach ($nodes as $i => $node) {
                $at += $i === 0 ? 0.0 : $measures->betweenPartners;
                $this->offset[$node] = $at + $measures->acrossOf($node) / 2;
                $at += $measures->acrossOf($node);
            }
            $this->width[$unit] = $at;
        }
        foreach ($layers->nets as $net => $ends) {
            if ($ends->bottoms === []) {
                continue;
            }
            $passes = count($ends->tops) === 1 && count($ends->bottoms) === 1
                && ! ($layers->isPerson($ends->tops[0]) && $layers->isPerson($ends->bottoms[0]));
            $this->weight[$net] = $passes ? self::WEIGHT_OF_PASSING : 1.0;
            $this->inGap[$ends->gap][] = [$net, $ends->tops, $ends->bottoms];
            foreach (array_unique(array_map(static fn (int $node): int => $layers->unit[$node], $ends->bottoms)) as $unit) {
                $this->over[$unit][] = $net;
            }
            foreach (array_unique(array_map(static fn (int $node): int => $layers->unit[$node], $ends->tops)) as $unit) {
                $this->under[$unit][] = $net;
            }
        }
    }

    /** @return array<int, float> the middle of each node; the leftmost edge is 0 */
    public static function of(Layers $layers, Measures $measures): array
    {
        $spread = new self($layers, $measures);
        foreach ($layers->order as $units) {
            $spread->pack($units);
        }
        $last = count($layers->order) - 1;
        for ($sweep = 0, $moved = INF; $sweep < self::SWEEPS && $moved > self::STILL; $sweep++) {
            $moved = 0.0;
            for ($layer = $last - 1; $layer >= 0; $layer--) {
                $moved = max($moved, $spread->settle($layer, $spread->under, false));
            }
            for ($layer = 1; $layer <= $last; $layer++) {
                $moved = max($moved, $spread->settle($layer, $spread->over, true));
            }
        }
        $edge = $spread->left === [] ? 0.0 : min($spread->left);

        return array_map(static fn (float $middle): float => $middle - $edge, $spread->middle);
    }

    /** @param  list<int>  $units */
    private function pack(array $units): void
    {
        $at = 0.0;
        foreach ($units as $i => $unit) {
            $at += $i === 0 ? 0.0 : $this->between($units[$i - 1], $unit);
            $this->put($unit, $at);
            $at += $this->width[$unit];
        }
    }

    private function between(int $left, int $right): float
    {
        $arePeople = $this->layers->isPerson($this->layers->members[$left][0])
            && $this->layers->isPerson($this->layers->members[$right][0]);

        return $arePeople ? $this->measures->betweenUnits : $this->measures->betweenUnits * 0.6;
    }

    private function put(int $unit, float $left): void
    {
        $this->left[$unit] = $left;
        foreach ($this->layers->members[$unit] as $node) {
            $this->middle[$node] = $left + $this->offset[$node];
        }
    }

    /**
     * Moves the units of one layer to where they want to stand, as far as their neighbours let them.
     *
     * @param  array<int, list<int>>  $nets  by unit: what pulls at them
     * @return float by how much the one that moved most has moved
     */
    private function settle(int $layer, array $nets, bool $down): float
    {
        $units = $this->layers->order[$layer];
        foreach ($this->inGap[$down ? $layer - 1 : $layer] ?? [] as [$net, $tops, $bottoms]) {
            $pull = $this->mean($tops) - $this->mean($bottoms);
            $this->pull[$net] = $down ? $pull : -$pull;
        }
        // Distances that must be kept are taken out first, so that only the order remains to be kept.
        $kept = 0.0;
        $before = [];
        /** @var list<array{float, float, int}> $pools wanted place, weight, how many */
        $pools = [];
        foreach ($units as $i => $unit) {
            $kept += $i === 0 ? 0.0 : $this->width[$units[$i - 1]] + $this->between($units[$i - 1], $unit);
            $before[] = $kept;
            [$wanted, $weight] = $this->wanted($unit, $nets[$unit] ?? []);
            $pool = [$wanted - $kept, $weight, 1];
            while ($pools !== [] && $pools[count($pools) - 1][0] >= $pool[0]) {
                [$place, $w, $size] = array_pop($pools);
                $pool = [($place * $w + $pool[0] * $pool[1]) / ($w + $pool[1]), $w + $pool[1], $size + $pool[2]];
            }
            $pools[] = $pool;
        }
        $moved = 0.0;
        $at = 0;
        foreach ($pools as [$place, , $size]) {
            for ($i = 0; $i < $size; $i++, $at++) {
                $left = $place + $before[$at];
                $moved = max($moved, abs($left - $this->left[$units[$at]]));
                $this->put($units[$at], $left);
            }
        }

        return $moved;
    }

    /**
     * @param  list<int>  $nets
     * @return array{float, float} left edge, weight
     */
    private function wanted(int $unit, array $nets): array
    {
        $shift = $weight = 0.0;
        foreach ($nets as $net) {
            $shift += $this->weight[$net] * $this->pull[$net];
            $weight += $this->weight[$net];
        }

        return $weight === 0.0 ? [$this->left[$unit], self::WEIGHT_OF_FREE] : [$this->left[$unit] + $shift / $weight, $weight];
    }

    /** @param  list<int>  $nodes */
    private function mean(array $nodes): float
    {
        $sum = 0.0;
        foreach ($nodes as $node) {
            $sum += $this->middle[$node];
        }

        return $sum / max(1, count($nodes));
    }
}
