<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/**
 * The graph in layers. Its nodes are the people and, after them, a place holder in each layer that a line passes by.
 * Nodes that stand side by side, whatever happens, are a unit: partners, or one place holder.
 */
final class Layers
{
    /** @var list<int> by node */
    public array $layer = [];

    /** @var list<int> by node */
    public array $unit = [];

    /** @var list<list<int>> nodes from the left, by unit */
    public array $members = [];

    /** @var list<list<int>> units from the left, by layer */
    public array $order = [];

    /** @var list<Net> */
    public array $nets = [];

    /** @var array<int, array<int, list<int>>> by household and partner: the nodes from the partner down to the net */
    public array $downFrom = [];

    /** @var array<int, array<int, list<int>>> by household and child: the nodes from the net down to the child */
    public array $downTo = [];

    /** @var array<int, int> net by household */
    public array $netOf = [];

    /** @var array<string, int> net by two nodes of a line that passes by: "upper lower" */
    public array $passing = [];

    private function __construct(public readonly KinGraph $graph)
    {
    }

    public static function of(KinGraph $graph, PartnerOrder $partners): self
    {
        $layers = new self($graph);
        [$layers->layer, $groups] = Generations::of($graph);
        $unitOf = [];
        foreach (Partners::beside($graph, $groups, $partners) as $group => $members) {
            $unitOf[$group] = count($layers->members);
            $layers->members[] = $members;
        }
        $layers->unit = array_map(static fn (int $group): int => $unitOf[$group], $groups);
        foreach (array_keys($graph->partners) as $household) {
            $layers->connect($household);
        }

        return $layers;
    }

    public function isPerson(int $node): bool
    {
        return $node < count($this->graph->ids);
    }

    public function areAdjacent(int $one, int $other): bool
    {
        $members = $this->members[$this->unit[$one]];

        return $this->unit[$one] === $this->unit[$other]
            && abs((int) array_search($one, $members, true) - (int) array_search($other, $members, true)) === 1;
    }

    private function connect(int $household): void
    {
        $partners = $this->graph->partners[$household];
        $children = $this->graph->children[$household];
        $isApart = count($partners) > 1 && ! $this->areAdjacent($partners[0], $partners[1]);
        if ($children === [] && ! $isApart) {
            return;
        }
        $lowest = max(0, ...array_map(fn (int $partner): int => $this->layer[$partner], $partners));
        $tops = $bottoms = [];
        foreach ($partners as $partner) {
            $this->downFrom[$household][$partner] = $way = $this->way($partner, $lowest);
            $tops[] = $way[count($way) - 1];
        }
        foreach ($children as $child) {
            $holders = [];
            for ($layer = $lowest + 1; $layer < $this->layer[$child]; $layer++) {
                $holders[] = $this->holder($layer);
            }
            $this->downTo[$household][$child] = $way = [...$holders, $child];
            $this->pass($way);
            $bottoms[] = $way[0];
        }
        $this->netOf[$household] = count($this->nets);
        $this->nets[] = new Net($lowest, $tops, $bottoms);
    }

    /** @return non-empty-list<int> from a partner down to the layer from which the children hang */
    private function way(int $partner, int $lowest): array
    {
        $way = [$partner];
        for ($layer = $this->layer[$partner] + 1; $layer <= $lowest; $layer++) {
            $way[] = $this->holder($layer);
        }
        $this->pass($way);

        return $way;
    }

    /** @param  non-empty-list<int>  $way */
    private function pass(array $way): void
    {
        for ($at = 1; $at < count($way); $at++) {
            $this->passing["{$way[$at - 1]} {$way[$at]}"] = count($this->nets);
            $this->nets[] = new Net($this->layer[$way[$at]] - 1, [$way[$at - 1]], [$way[$at]]);
        }
    }

    private function holder(int $layer): int
    {
        $node = count($this->layer);
        $this->layer[] = $layer;
        $this->unit[] = count($this->members);
        $this->members[] = [$node];

        return $node;
    }
}
