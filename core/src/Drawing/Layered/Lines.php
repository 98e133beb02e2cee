<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/** The lines between boxes that have their places: from each child to each parent, and between partners who stand apart. */
final class Lines
{
    /**
     * @param  array<int, array{float, float}>  $boxes  across and along, by person
     * @param  list<float>  $layerTops
     * @param  array<int, float>  $middle
     */
    public function __construct(
        private readonly Layers $layers,
        private readonly Measures $measures,
        private readonly Tracks $tracks,
        private readonly array $boxes,
        private readonly array $layerTops,
        private readonly array $middle,
    ) {
    }

    /** @return list<array{non-empty-list<array{float, float}>, int, int, int}> points, child, parent, household */
    public function ties(): array
    {
        $ties = [];
        foreach ($this->layers->graph->households as $household => $told) {
            foreach ($told->ties as $tie) {
                $child = $this->layers->graph->person($tie->childId);
                $parent = $this->layers->graph->person($tie->parentId);
                if (isset($this->layers->downTo[$household][$child], $this->layers->downFrom[$household][$parent])) {
                    $ties[] = [$this->tie($household, $child, $parent), $child, $parent, $household];
                }
            }
        }

        return $ties;
    }

    /** @return list<array{non-empty-list<array{float, float}>, int}> points, household */
    public function couples(): array
    {
        $couples = [];
        foreach ($this->layers->graph->partners as $household => $partners) {
            if (count($partners) < 2) {
                continue;
            }
            if ($this->layers->areAdjacent($partners[0], $partners[1])) {
                $isTurned = $this->middle[$partners[0]] > $this->middle[$partners[1]];
                $points = $isTurned ? $this->beside($partners[1], $partners[0]) : $this->beside($partners[0], $partners[1]);
                $couples[] = [$isTurned ? array_reverse($points) : $points, $household];
            } elseif (isset($this->layers->netOf[$household])) {
                $net = $this->layers->netOf[$household];
                $first = array_reverse($this->upFrom($household, $partners[0], $net));
                $couples[] = [self::plain([...$first, ...$this->upFrom($household, $partners[1], $net)]), $household];
            }
        }

        return $couples;
    }

    /** @return non-empty-list<array{float, float}> */
    private function tie(int $household, int $child, int $parent): array
    {
        $net = $this->layers->netOf[$household];
        $down = array_reverse($this->layers->downTo[$household][$child]);
        $points = [];
        foreach ($down as $at => $node) {
            $above = $down[$at + 1] ?? null;
            $passing = $above === null ? $net : $this->layers->passing["{$above} {$node}"];
            $place = $this->tracks->bottoms[$passing][$node];
            $points[] = [$place, $this->topOf($node)];
            $points[] = [$place, $this->trackOf($passing)];
            if ($above !== null) {
                $points[] = [$this->tracks->tops[$passing][$above], $this->trackOf($passing)];
                $points[] = [$this->tracks->tops[$passing][$above], $this->bottomOf($above)];
            }
        }

        return self::plain([...$points, ...$this->upFrom($household, $parent, $net)]);
    }

    /** @return non-empty-list<array{float, float}> from the track of a net up to one of the parents */
    private function upFrom(int $household, int $parent, int $net): array
    {
        $way = array_reverse($this->layers->downFrom[$household][$parent]);
        $place = $this->tracks->tops[$net][$way[0]];
        $points = [[$place, $this->trackOf($net)], [$place, $this->bottomOf($way[0])]];
        for ($at = 1; $at < count($way); $at++) {
            $passing = $this->layers->passing["{$way[$at]} {$way[$at - 1]}"];
            $bottom = $this->tracks->bottoms[$passing][$way[$at - 1]];
            $top = $this->tracks->tops[$passing][$way[$at]];
            array_push($points, [$bottom, $this->topOf($way[$at - 1])], [$bottom, $this->trackOf($passing)],
                [$top, $this->trackOf($passing)], [$top, $this->bottomOf($way[$at])]);
        }

        return $points;
    }

    /** @return non-empty-list<array{float, float}> between two boxes that stand side by side */
    private function beside(int $left, int $right): array
    {
        $from = $this->boxes[$left][0] + $this->measures->acrossOf($left);
        $to = $this->boxes[$right][0];
        $start = max($this->boxes[$left][1], $this->boxes[$right][1]);
        $end = min($this->boxes[$left][1] + $this->measures->alongOf($left), $this->boxes[$right][1] + $this->measures->alongOf($right));
        if ($start < $end) {
            return [[$from, ($start + $end) / 2], [$to, ($start + $end) / 2]];
        }
        $first = $this->boxes[$left][1] + $this->measures->alongOf($left) / 2;
        $second = $this->boxes[$right][1] + $this->measures->alongOf($right) / 2;
        $half = ($from + $to) / 2;

        return self::plain([[$from, $first], [$half, $first], [$half, $second], [$to, $second]]);
    }

    private function trackOf(int $net): float
    {
        $gap = $this->layers->nets[$net]->gap;
        $tracks = max(1, $this->tracks->count[$gap] ?? 1);
        $end = $this->layerTops[$gap + 1];
        $step = min(Measures::TRACK, ($this->measures->betweenLayers - 8) / $tracks + Measures::TRACK * ($tracks - 1) / $tracks);

        return $end - $this->measures->betweenLayers / 2 - ($tracks - 1 - ($this->tracks->track[$net] ?? 0)) * $step;
    }

    private function topOf(int $node): float
    {
        return $this->layers->isPerson($node) ? $this->boxes[$node][1] : $this->layerTops[$this->layers->layer[$node]];
    }

    private function bottomOf(int $node): float
    {
        if ($this->layers->isPerson($node)) {
            return $this->boxes[$node][1] + $this->measures->alongOf($node);
        }

        return $this->layerTops[$this->layers->layer[$node]];
    }

    /**
     * Without points that repeat or lie on the way.
     *
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}>
     */
    private static function plain(array $points): array
    {
        $plain = [];
        foreach ($points as $point) {
            $last = count($plain) - 1;
            if ($last >= 0 && abs($plain[$last][0] - $point[0]) < 0.01 && abs($plain[$last][1] - $point[1]) < 0.01) {
                continue;
            }
            if ($last >= 1 && self::isOnTheWay($plain[$last - 1], $plain[$last], $point)) {
                array_pop($plain);
            }
            $plain[] = $point;
        }

        return $plain === [] ? [$points[0]] : $plain;
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $middle
     * @param  array{float, float}  $to
     */
    private static function isOnTheWay(array $from, array $middle, array $to): bool
    {
        foreach ([0, 1] as $axis) {
            if (abs($from[$axis] - $middle[$axis]) < 0.01 && abs($middle[$axis] - $to[$axis]) < 0.01) {
                return true;
            }
        }

        return false;
    }
}
