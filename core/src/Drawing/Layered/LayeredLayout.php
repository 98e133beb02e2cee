<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

use NorthBough\Core\Drawing\Handwork\Move;

/**
 * Lays a cast out in generations: who stands in which layer, in which order, how far apart, and how the lines run
 * between them. Everybody stands once; nothing overlaps; the same cast is always laid out the same.
 */
final class LayeredLayout
{
    private function __construct(private readonly Layers $layers, private readonly Measures $measures)
    {
    }

    /** @param  array<int, Move>  $moves  across and along, by person */
    public static function of(
        KinGraph $graph,
        PartnerOrder $partners,
        SiblingOrder $siblings,
        Measures $measures,
        array $moves = [],
    ): Placed {
        $layers = Layers::of($graph, $partners);
        $crossings = Order::improve($layers, $siblings);

        return (new self($layers, $measures))->place($crossings, $moves);
    }

    /** @param  array<int, Move>  $moves */
    private function place(int $crossings, array $moves): Placed
    {
        $middle = Spread::of($this->layers, $this->measures);
        $tracks = new Tracks($this->layers, $this->measures, $middle);
        $tops = $this->layerTops($tracks);
        $boxes = $this->boxes($middle, $tops);
        if ($moves !== []) {
            $boxes = (new HandPlaced($this->layers, $this->measures))->apply($boxes, $moves);
            foreach ($boxes as $person => [$across]) {
                $middle[$person] = $across + $this->measures->acrossOf($person) / 2;
            }
            $tracks = new Tracks($this->layers, $this->measures, $middle);
        }
        $lines = new Lines($this->layers, $this->measures, $tracks, $boxes, $tops, $middle);
        $across = $along = 0.0;
        foreach ($boxes as $person => [$x, $y]) {
            $across = max($across, $x + $this->measures->acrossOf($person));
            $along = max($along, $y + $this->measures->alongOf($person));
        }

        return new Placed($boxes, $lines->ties(), $lines->couples(), $across, $along, $crossings);
    }

    /** @return list<float> where each layer begins, along; one more for the end */
    private function layerTops(Tracks $tracks): array
    {
        $tops = [0.0];
        foreach (array_keys($this->layers->order) as $layer) {
            $tops[] = $tops[$layer] + $this->depth($layer) + $this->measures->betweenLayers
                + max(0, ($tracks->count[$layer] ?? 0) - 1) * Measures::TRACK;
        }

        return $tops;
    }

    private function depth(int $layer): float
    {
        $deepest = 0.0;
        foreach ($this->layers->order[$layer] as $unit) {
            foreach ($this->layers->members[$unit] as $node) {
                $deepest = max($deepest, $this->measures->alongOf($node));
            }
        }

        return $deepest;
    }

    /**
     * @param  array<int, float>  $middle
     * @param  list<float>  $tops
     * @return array<int, array{float, float}>
     */
    private function boxes(array $middle, array $tops): array
    {
        $boxes = [];
        $depths = array_map($this->depth(...), array_keys($this->layers->order));
        foreach (array_keys($this->layers->graph->ids) as $person) {
            $layer = $this->layers->layer[$person];
            $boxes[$person] = [$middle[$person] - $this->measures->acrossOf($person) / 2,
                $tops[$layer] + ($this->measures->atFarSide ? $depths[$layer] - $this->measures->alongOf($person) : 0.0)];
        }

        return $boxes;
    }
}
