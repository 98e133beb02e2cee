<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Walk;

use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;

/** Who sits where in a pedigree of so many generations, by the sets of parents that lead. */
final readonly class AncestorSeats
{
    /**
     * @param  int  $generations  1 is the person alone
     * @return list<AncestorSeat> by number; the first alone where nobody is above
     */
    public static function above(TreeView $tree, string $personId, int $generations): array
    {
        $done = [];
        $row = [new AncestorSeat(1, $personId)];
        for ($generation = 1; $row !== []; $generation++) {
            $isLast = $generation === $generations;
            $sets = array_map(self::standing(...), $tree->parentSets(array_column($row, 'personId')));
            $next = [];
            foreach ($row as $seat) {
                $own = $sets[$seat->personId] ?? [];
                $done[] = $seat->with(count($own), $isLast && self::leading($own) !== []);
                if (! $isLast) {
                    $next[] = [$seat, self::leading($own)];
                }
            }
            $row = self::seated($tree, $next);
        }

        return $done;
    }

    /**
     * @param  list<ParentSet>  $sets
     * @return list<ParentSet> those of which somebody stands
     */
    private static function standing(array $sets): array
    {
        return array_values(array_filter($sets, static fn (ParentSet $set): bool => ! $set->isRuledOut()));
    }

    /**
     * @param  list<ParentSet>  $sets
     * @return list<Parentage> at most two
     */
    private static function leading(array $sets): array
    {
        return $sets === [] ? [] : array_slice($sets[0]->whoStand(), 0, 2);
    }

    /**
     * Fathers on even numbers, mothers on odd; where that cannot be, in the order in which they were told.
     *
     * @param  list<array{AncestorSeat, list<Parentage>}>  $row  children with their parents
     * @return list<AncestorSeat>
     */
    private static function seated(TreeView $tree, array $row): array
    {
        $people = $tree->lives(array_values(array_unique(array_column(array_merge([], ...array_column($row, 1)), 'personId'))));
        $seats = [];
        foreach ($row as [$child, $parents]) {
            $sexes = array_map(static fn (Parentage $parent): Sex => self::sexOf($people[$parent->personId] ?? null), $parents);
            $isTurned = ($sexes[0] ?? null) === Sex::Female && ($sexes[1] ?? null) !== Sex::Female
                || ($sexes[1] ?? null) === Sex::Male && $sexes[0] !== Sex::Male;
            foreach ($isTurned && count($parents) === 2 ? array_reverse($parents) : $parents as $at => $parent) {
                $seats[] = new AncestorSeat($child->seat * 2 + (count($parents) === 1 && $isTurned ? 1 : $at), $parent->personId, 0, false,
                    $parent->kind, $parent->proof);
            }
        }

        return $seats;
    }

    private static function sexOf(?Person $person): Sex
    {
        return $person->sex ?? Sex::Unknown;
    }
}
