<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/** The families of a line as a tree has them. */
final readonly class LinesOfTree implements Lines
{
    public function __construct(private TreeView $tree, private LineChoice $choice)
    {
    }

    public function families(array $personIds): array
    {
        $unions = array_map(Union::asLived(...), $this->tree->unionsOf($personIds));
        $steps = $this->choice->step ? $this->stepUnions($unions) : [];
        $children = [];
        foreach ([$unions, $steps] as $lists) {
            foreach ($lists as $list) {
                $children = [...$children, ...array_merge([], ...array_column($list, 'childIds'))];
            }
        }
        $children = array_values(array_unique($children));
        $sets = $this->tree->parentSets($children);
        $births = [];
        foreach ($this->tree->lives($children) as $id => $child) {
            $births[(string) $id] = $child->vitals()->beginning()?->date->span();
        }
        $families = [];
        foreach ($unions as $id => $list) {
            foreach ($list as $union) {
                $families[$id][] = $this->family((string) $id, $union, $sets, $births, $steps["{$id} {$union->id}"] ?? []);
            }
        }

        return $families;
    }

    /**
     * @param  array<string, list<ParentSet>>  $sets  by child
     * @param  array<string, \NorthBough\Core\Chrono\DaySpan|null>  $births  by child
     * @param  list<Union>  $steps  of the partners with others
     */
    private function family(string $personId, Union $union, array $sets, array $births, array $steps): LineFamily
    {
        $children = [];
        foreach ($union->childrenOf($personId) as $childId) {
            $set = ParentSet::leadingOf($sets[$childId] ?? []);
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
                $set = ParentSet::leadingOf($sets[$childId] ?? []);
                if ($set?->unionId === $step->id && ! $set->isRuledOut()) {
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
        $others = $this->tree->unionsOf(array_values(array_unique(array_merge([], ...array_values($partners)))));
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
