<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/** The families of a line as a tree has them, with those children whom a choice counts. */
final readonly class CountedLines implements Lines
{
    public function __construct(private LineRows $rows, private LineChoice $choice)
    {
    }

    public static function ofTree(TreeView $tree, LineChoice $choice): self
    {
        return new self(new TreeLineRows($tree), $choice);
    }

    public function countedParents(array $childIds): array
    {
        $parents = [];
        foreach ($this->rows->leadingSets($childIds) as $childId => $set) {
            $parents[(string) $childId] = array_column($set->whoStand(), 'personId');
        }
        if (! $this->choice->step) {
            return $parents;
        }
        $unions = $this->rows->unionsOf(array_values(array_unique(array_merge([], ...array_values($parents)))));
        foreach ($parents as $childId => $ids) {
            foreach ($ids as $id) {
                foreach ($unions[$id] ?? [] as $union) {
                    array_push($parents[$childId], ...$union->partnersOf($id));
                }
            }
            $parents[$childId] = array_values(array_unique($parents[$childId]));
        }

        return $parents;
    }

    public function families(array $personIds): array
    {
        $unions = $this->rows->unionsOf($personIds);
        $steps = $this->choice->step ? $this->stepUnions($unions) : [];
        $children = [];
        foreach ([$unions, $steps] as $lists) {
            foreach ($lists as $list) {
                foreach ($list as $union) {
                    $children += array_fill_keys($union->childIds, true);
                }
            }
        }
        $children = array_map(strval(...), array_keys($children));
        $sets = $this->rows->leadingSets($children);
        $births = $this->rows->births($children);
        $families = [];
        foreach ($unions as $id => $list) {
            foreach ($list as $union) {
                $families[$id][] = $this->family((string) $id, $union, $sets, $births, $steps["{$id} {$union->id}"] ?? []);
            }
        }

        return $families;
    }

    /**
     * @param  array<string, ParentSet>  $sets  that lead, by child
     * @param  array<string, \NorthBough\Core\Chrono\DaySpan>  $births  by child
     * @param  list<Union>  $steps  of the partners with others
     */
    private function family(string $personId, Union $union, array $sets, array $births, array $steps): LineFamily
    {
        $children = [];
        foreach ($union->childrenOf($personId) as $childId) {
            $set = $sets[$childId] ?? null;
            if ($set === null || $set->unionId !== $union->id) {
                continue;
            }
            foreach ($set->whoStand() as $tie) {
                if ($tie->personId === $personId) {
                    $children[] = new LineChild($childId, $tie->kind, $tie->isUnproved(), false, $births[$childId] ?? null);
                }
            }
        }
        foreach ($steps as $step) {
            foreach ($step->childIds as $childId) {
                $set = $sets[$childId] ?? null;
                if ($set?->unionId === $step->id) {
                    $children[] = new LineChild($childId, $set->kind(), false, true, $births[$childId] ?? null);
                }
            }
        }

        return new LineFamily($union->id, $union->partnersOf($personId), array_values(array_filter($children, $this->choice->counts(...))));
    }

    /**
     * The other unions of the partners, in which no one of the line has a part.
     *
     * @param  array<string, list<Union>>  $unions  by person of the line
     * @return array<string, list<Union>> by person of the line and union, as "id id"
     */
    private function stepUnions(array $unions): array
    {
        $partners = [];
        foreach ($unions as $id => $list) {
            foreach ($list as $union) {
                $partners["{$id} {$union->id}"] = $union->partnersOf((string) $id);
            }
        }
        $others = $this->rows->unionsOf(array_values(array_unique(array_merge([], ...array_values($partners)))));
        $steps = [];
        foreach ($partners as $key => $ids) {
            [$personId] = explode(' ', $key);
            foreach ($ids as $partnerId) {
                foreach ($others[$partnerId] ?? [] as $other) {
                    if (! in_array($personId, $other->partnerIds, true)) {
                        $steps[$key][] = $other;
                    }
                }
            }
        }

        return $steps;
    }
}
