<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/**
 * How the lines of a net run between two layers: each end has a place of its own on its box, and what runs across has a
 * track of its own wherever it would lie on another. Places are across the layers.
 */
final class Tracks
{
    /** Two lines that run along the layers closer than this would look like one. */
    private const APART = 3.0;

    /** @var array<int, array<int, float>> place by net and node on top of it */
    public array $tops = [];

    /** @var array<int, array<int, float>> place by net and node at its bottom */
    public array $bottoms = [];

    /** @var array<int, int> track by net, from the upper layer; a net that runs straight has none */
    public array $track = [];

    /** @var array<int, int> how many tracks, by gap */
    public array $count = [];

    /** @param  array<int, float>  $middle  of each node */
    public function __construct(private readonly Layers $layers, private readonly Measures $measures, private readonly array $middle)
    {
        $over = $under = $inGap = [];
        foreach ($layers->nets as $net => $ends) {
            $inGap[$ends->gap][] = $net;
            foreach ($ends->tops as $node) {
                $under[$node][] = $net;
            }
            foreach ($ends->bottoms as $node) {
                $over[$node][] = $net;
            }
        }
        foreach ($over as $node => $nets) {
            $this->slots($node, $nets, $this->bottoms, static fn (Net $net): array => $net->tops);
        }
        foreach ($under as $node => $nets) {
            $this->slots($node, $nets, $this->tops, static fn (Net $net): array => $net->bottoms === [] ? $net->tops : $net->bottoms);
        }
        foreach ($inGap as $gap => $nets) {
            $this->straighten($nets);
            $this->partVerticals($nets);
            $this->count[$gap] = $this->assign($nets);
        }
    }

    /**
     * Gives each net of one node its place on it, in the order in which they lead away.
     *
     * @param  list<int>  $nets
     * @param  array<int, array<int, float>>  $places
     * @param  \Closure(Net): list<int>  $away
     */
    private function slots(int $node, array $nets, array &$places, \Closure $away): void
    {
        $leads = array_map(fn (int $net): float => $this->mean($away($this->layers->nets[$net])), $nets);
        array_multisort($leads, $nets);
        $step = min(Measures::SLOT, ($this->measures->acrossOf($node) - 8) / max(1, count($nets)));
        foreach ($nets as $at => $net) {
            $places[$net][$node] = $this->middle[$node] + ($at - (count($nets) - 1) / 2) * $step;
        }
    }

    /**
     * A line that all but runs straight does so.
     *
     * @param  list<int>  $nets
     */
    private function straighten(array $nets): void
    {
        foreach ($nets as $net) {
            foreach ($this->bottoms[$net] ?? [] as $node => $place) {
                foreach ($this->tops[$net] as $top) {
                    if (abs($top - $place) < self::APART) {
                        $this->bottoms[$net][$node] = $top;
                    }
                }
            }
        }
    }

    /** @param  list<int>  $nodes */
    private function mean(array $nodes): float
    {
        return array_sum(array_map(fn (int $node): float => $this->middle[$node], $nodes)) / max(1, count($nodes));
    }

    /**
     * Where a line down from one box would lie on one that comes up from another, it leaves a little to the side, or the
     * other comes up there.
     *
     * @param  list<int>  $nets
     */
    private function partVerticals(array $nets): void
    {
        $taken = [];
        foreach ($nets as $net) {
            foreach ($this->bottoms[$net] ?? [] as $place) {
                $taken[(int) round($place / self::APART)][$net] = $place;
            }
        }
        foreach ($nets as $net) {
            foreach ($this->tops[$net] as $node => $place) {
                $this->tops[$net][$node] = $place = $this->aside($node, $place, $taken, $net);
                $taken[(int) round($place / self::APART)][$net] = $place;
            }
        }
        $taken = [];
        foreach ($nets as $net) {
            foreach ($this->tops[$net] as $place) {
                $taken[(int) round($place / self::APART)][$net] = $place;
            }
        }
        foreach ($nets as $net) {
            foreach ($this->bottoms[$net] ?? [] as $node => $place) {
                $this->bottoms[$net][$node] = $this->aside($node, $place, $taken, $net);
            }
        }
    }

    /**
     * @param  array<int, array<int, float>>  $taken
     * @return float the nearest place on a node that no other net takes, or the same where there is none
     */
    private function aside(int $node, float $place, array $taken, int $net): float
    {
        $room = max(4.0, $this->measures->acrossOf($node) / 2 - 4);
        foreach ([0, 4, -4, 8, -8, 12, -12, 18, -18] as $by) {
            if (abs($place + $by - $this->middle[$node]) <= $room && ! $this->isTaken($taken, $place + $by, $net)) {
                return $place + $by;
            }
        }

        return $place;
    }

    /** @param  array<int, array<int, float>>  $taken */
    private function isTaken(array $taken, float $place, int $net): bool
    {
        $cell = (int) round($place / self::APART);
        foreach ([$cell - 1, $cell, $cell + 1] as $near) {
            foreach ($taken[$near] ?? [] as $other => $at) {
                if ($other !== $net && abs($at - $place) < self::APART) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $nets  of one gap
     * @return int how many tracks
     */
    private function assign(array $nets): int
    {
        $spans = [];
        foreach ($nets as $net) {
            $places = [...$this->tops[$net], ...$this->bottoms[$net] ?? []];
            [$from, $to] = [min(INF, ...$places), max(-INF, ...$places)];
            if ($to - $from > 0.5) {
                $spans[$net] = [$from, $to];
            }
        }
        asort($spans);
        /** @var list<float> $ends how far to the right each track is taken */
        $ends = [];
        foreach ($spans as $net => [$from, $to]) {
            $track = 0;
            while (isset($ends[$track]) && $ends[$track] > $from - Measures::SLOT) {
                $track++;
            }
            $ends[$track] = $to;
            $this->track[$net] = $track;
        }

        return count($ends);
    }
}
