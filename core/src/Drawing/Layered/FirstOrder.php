<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/**
 * The order in which families tell themselves: from the topmost ancestors, the father's side first, down through the
 * children in their order. In a tree without cousins who married no line crosses then.
 */
final class FirstOrder
{
    /** @var array<int, true> units, by whose parents are seen to */
    private array $upSeen = [];

    /** @var array<int, true> */
    private array $downSeen = [];

    /** @var list<int> units above whom nobody is drawn */
    private array $tops = [];

    /** @var array<int, list<int>> */
    private array $order = [];

    /** @param  \Random\Randomizer|null  $random  to tell the families in an order of its own; null for theirs */
    public function __construct(private readonly Layers $layers, private readonly ?\Random\Randomizer $random = null)
    {
    }

    /** @return list<list<int>> units by layer */
    public function order(): array
    {
        foreach ([...$this->layers->graph->subjects, ...array_keys($this->layers->graph->ids)] as $person) {
            $this->up($this->layers->unit[$person]);
        }
        foreach ($this->random === null ? $this->tops : $this->random->shuffleArray($this->tops) as $unit) {
            $this->down($unit);
        }
        ksort($this->order);

        return array_values($this->order);
    }

    private function up(int $unit): void
    {
        for ($way = [[$unit, null]]; $way !== [];) {
            $last = count($way) - 1;
            [$at, $parents] = $way[$last];
            if ($parents === null) {
                if (isset($this->upSeen[$at])) {
                    array_pop($way);

                    continue;
                }
                $this->upSeen[$at] = true;
                $way[$last][1] = $parents = $this->parentUnits($at);
                if ($parents === []) {
                    $this->tops[] = $at;
                }
            }
            $next = array_shift($way[$last][1]);
            if ($next === null) {
                array_pop($way);
            } else {
                $way[] = [$next, null];
            }
        }
    }

    /** @return list<int> */
    private function parentUnits(int $unit): array
    {
        $units = [];
        foreach ($this->layers->members[$unit] as $person) {
            foreach ($this->layers->graph->bornIn[$person] as $household) {
                foreach ($this->layers->graph->partners[$household] as $partner) {
                    $units[] = $this->layers->unit[$partner];
                }
            }
        }

        return array_values(array_unique($units));
    }

    private function down(int $unit): void
    {
        $open = [$unit];
        while (($at = array_pop($open)) !== null) {
            if (isset($this->downSeen[$at])) {
                continue;
            }
            $this->downSeen[$at] = true;
            $first = $this->layers->members[$at][0];
            $this->order[$this->layers->layer[$first]][] = $at;
            foreach (array_reverse($this->belowInOrder($at)) as $next) {
                $open[] = $next;
            }
        }
    }

    /** @return list<int> units of the children, and place holders of lines that pass by, from the left */
    private function belowInOrder(int $unit): array
    {
        if (! $this->layers->isPerson($this->layers->members[$unit][0])) {
            return [];
        }
        $below = [];
        foreach ($this->layers->members[$unit] as $person) {
            foreach ($this->layers->graph->couplesOf[$person] as $household) {
                foreach ($this->layers->downFrom[$household][$person] ?? [] as $at => $node) {
                    $below[] = $at === 0 ? null : $this->layers->unit[$node];
                }
                foreach ($this->layers->downTo[$household] ?? [] as $way) {
                    foreach ($way as $node) {
                        $below[] = $this->layers->unit[$node];
                    }
                }
            }
        }

        $below = array_values(array_unique(array_filter($below, is_int(...))));

        return $this->random === null ? $below : array_values($this->random->shuffleArray($below));
    }
}
