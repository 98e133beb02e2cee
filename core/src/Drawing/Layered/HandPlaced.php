<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

use NorthBough\Core\Drawing\Handwork\Move;

/**
 * Lays the hand's work over a layout. A box that was moved stands as far from the box it hangs on as the layout puts it,
 * and by the move besides, so that it stays beside its kin whatever comes in; the others make room for it.
 */
final class HandPlaced
{
    private const ROOM = 6.0;

    public function __construct(private readonly Layers $layers, private readonly Measures $measures)
    {
    }

    /**
     * @param  array<int, array{float, float}>  $boxes
     * @param  array<int, Move>  $moves
     * @return array<int, array{float, float}>
     */
    public function apply(array $boxes, array $moves): array
    {
        $placed = $boxes;
        $hangsOn = self::hangsOn($this->layers->graph);
        foreach (array_keys($hangsOn) as $person) {
            if (! isset($moves[$person])) {
                continue;
            }
            $held = $hangsOn[$person];
            $shift = isset($moves[$held]) && $held !== $person
                ? [$placed[$held][0] - $boxes[$held][0], $placed[$held][1] - $boxes[$held][1]] : [0.0, 0.0];
            $placed[$person] = [$boxes[$person][0] + $shift[0] + $moves[$person]->x, $boxes[$person][1] + $shift[1] + $moves[$person]->y];
        }

        return $this->makeRoom($placed, $moves);
    }

    /**
     * What each box hangs on: whoever of their kin was met first from those the drawing is made from, who hang on
     * themselves.
     *
     * @return array<int, int> by person, nearer ones first
     */
    public static function hangsOn(KinGraph $graph): array
    {
        $hangsOn = [];
        foreach ([...$graph->subjects, ...array_keys($graph->ids)] as $start) {
            if (isset($hangsOn[$start])) {
                continue;
            }
            $hangsOn[$start] = $start;
            for ($open = [$start]; $open !== [];) {
                $person = array_shift($open);
                foreach (self::kin($graph, $person) as $next) {
                    if (! isset($hangsOn[$next])) {
                        $hangsOn[$next] = $person;
                        $open[] = $next;
                    }
                }
            }
        }

        return $hangsOn;
    }

    /** @return list<int> parents, partners, children */
    private static function kin(KinGraph $graph, int $person): array
    {
        $kin = [];
        foreach ($graph->bornIn[$person] as $household) {
            array_push($kin, ...$graph->partners[$household]);
        }
        foreach ($graph->couplesOf[$person] as $household) {
            array_push($kin, ...$graph->partners[$household], ...$graph->children[$household]);
        }

        return $kin;
    }

    /**
     * A box that the machine placed goes aside where one placed by hand stands, and the next after it.
     *
     * @param  array<int, array{float, float}>  $placed
     * @param  array<int, Move>  $moves
     * @return array<int, array{float, float}>
     */
    private function makeRoom(array $placed, array $moves): array
    {
        $byHand = array_intersect_key($placed, $moves);
        foreach ($this->layers->order as $units) {
            $end = -INF;
            foreach ($units as $unit) {
                foreach ($this->layers->members[$unit] as $node) {
                    if (! isset($placed[$node]) || isset($moves[$node])) {
                        continue;
                    }
                    $placed[$node][0] = $this->free($node, [max($placed[$node][0], $end), $placed[$node][1]], $byHand);
                    $end = $placed[$node][0] + $this->measures->acrossOf($node) + self::ROOM;
                }
            }
        }

        return $placed;
    }

    /**
     * @param  array{float, float}  $at
     * @param  array<int, array{float, float}>  $byHand
     */
    private function free(int $node, array $at, array $byHand): float
    {
        do {
            $before = $at[0];
            foreach ($byHand as $other => [$across, $along]) {
                if ($at[0] < $across + $this->measures->acrossOf($other) + self::ROOM
                    && $across < $at[0] + $this->measures->acrossOf($node) + self::ROOM
                    && $at[1] < $along + $this->measures->alongOf($other) + self::ROOM
                    && $along < $at[1] + $this->measures->alongOf($node) + self::ROOM) {
                    $at[0] = $across + $this->measures->acrossOf($other) + self::ROOM;
                }
            }
        } while ($at[0] > $before);

        return $at[0];
    }
}
