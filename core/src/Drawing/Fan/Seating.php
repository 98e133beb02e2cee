<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Fan;

use NorthBough\Core\Drawing\Boxes\Waiting;
use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Drawing\Cast\StopReason;
use NorthBough\Core\Drawing\Cast\Toward;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\TreeView;

/**
 * Who sits where in a fan: each parent outside their child, the father first, by the set of parents that leads. Whoever is
 * an ancestor twice sits in each place, with their own ancestors in the first.
 */
final class Seating
{
    /**
     * @param  int  $generations  with the person in the middle
     * @return non-empty-list<Seat> from the middle outward
     *
     * @throws SubjectMissing
     */
    public static function of(TreeView $tree, string $personId, int $generations, Handwork $handwork): array
    {
        $seats = [];
        $seen = [];
        $row = [[$personId, 0.0, 1.0, null]];
        for ($generation = 0; $row !== []; $generation++) {
            $ids = array_values(array_unique(array_column($row, 0)));
            $people = $tree->people($ids);
            $all = array_map(self::standing(...), $tree->parentSets($ids));
            $sets = array_map(static fn (array $ofChild): ParentSet => $ofChild[0], array_filter($all,
                static fn (array $s): bool => $s !== []));
            [$asides, $placings] = [$tree->asides($ids), $tree->placings($ids)];
            $parents = $tree->people(array_values(array_unique(array_merge(...array_map(
                static fn (ParentSet $set): array => array_column($set->whoStand(), 'personId'), array_values($sets)), ...[[]]))));
            $next = [];
            foreach ($row as [$id, $from, $to, $parentage]) {
                if (! isset($people[$id])) {
                    continue;
                }
                $isAgain = isset($seen[$id]);
                $above = $isAgain ? [] : self::fathersFirst($sets[$id] ?? null, $parents);
                $shown = array_values(array_filter($above, static fn (Parentage $parent): bool => ! $handwork->hides($parent->personId)
                    && $generation + 1 < $generations));
                $seats[] = new Seat($people[$id], $generation, $from, $to, $parentage instanceof Parentage && $parentage->isUnproved(),
                    $parentage instanceof Parentage ? $parentage->kind->mark() : '', $isAgain,
                    self::stops($id, count($above) - count($shown), $generation + 1 < $generations),
                    Waiting::words($asides[$id] ?? null, $placings[$id] ?? [], $all[$id] ?? []));
                $seen[$id] = true;
                foreach ($shown as $parent) {
                    $isMother = count($above) > 1 ? $parent === $above[1] : ($parents[$parent->personId]->sex ?? null) === Sex::Female;
                    $half = ($from + $to) / 2;
                    $next[] = $isMother ? [$parent->personId, $half, $to, $parent] : [$parent->personId, $from, $half, $parent];
                }
            }
            $row = $next;
        }

        return $seats === [] ? throw SubjectMissing::of(SubjectKind::Person) : $seats;
    }

    /**
     * @param  list<ParentSet>  $sets
     * @return list<ParentSet> those of which somebody stands
     */
    private static function standing(array $sets): array
    {
        return array_values(array_filter($sets, static fn (ParentSet $set): bool => ! $set->isRuledOut() && $set->whoStand() !== []));
    }

    /**
     * @param  array<string, \NorthBough\Core\Tree\Person>  $parents
     * @return list<Parentage> two at most
     */
    private static function fathersFirst(?ParentSet $set, array $parents): array
    {
        $stand = array_filter($set?->whoStand() ?? [], static fn (Parentage $parent): bool => isset($parents[$parent->personId]));
        usort($stand, static fn (Parentage $one, Parentage $other): int => ($parents[$one->personId]->sex === Sex::Female)
            <=> ($parents[$other->personId]->sex === Sex::Female));

        return array_slice($stand, 0, 2);
    }

    /** @return list<Stop> */
    private static function stops(string $id, int $missing, bool $isHidden): array
    {
        return $missing === 0 ? [] : [new Stop($id, Toward::Parents, $missing, $isHidden ? StopReason::Hidden : StopReason::Depth)];
    }
}
