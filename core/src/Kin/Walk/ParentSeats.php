<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Walk;

use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;

/** One generation up from some seats, by the sets of parents that lead. */
final readonly class ParentSeats
{
    /** @param  array<string, list<ParentSet>>  $sets  by child, those of which somebody stands */
    private function __construct(private TreeView $tree, private array $sets)
    {
    }

    /** @param  list<AncestorSeat>  $row */
    public static function over(TreeView $tree, array $row): self
    {
        return new self($tree, array_map(ParentSet::standing(...),
            $tree->parentSets(array_values(array_unique(array_column($row, 'personId'))))));
    }

    /** How many sets of parents stand for somebody. */
    public function setsOf(string $personId): int
    {
        return count($this->sets[$personId] ?? []);
    }

    /** @return list<Parentage> at most two */
    public function parentsOf(string $personId): array
    {
        $sets = $this->sets[$personId] ?? [];

        return $sets === [] ? [] : array_slice($sets[0]->whoStand(), 0, 2);
    }

    /**
     * Fathers on even numbers, mothers on odd; where that cannot be, in the order in which they were told.
     *
     * @param  list<AncestorSeat>  $row  children
     * @return list<AncestorSeat> their parents
     */
    public function above(array $row): array
    {
        $parentsOf = array_map(fn (AncestorSeat $child): array => $this->parentsOf($child->personId), $row);
        $people = $this->tree->lives(array_values(array_unique(array_column(array_merge([], ...$parentsOf), 'personId'))));
        $seats = [];
        foreach ($row as $at => $child) {
            $parents = $parentsOf[$at];
            $sexes = array_map(static fn (Parentage $parent): Sex => self::sexOf($people[$parent->personId] ?? null), $parents);
            $isTurned = ($sexes[0] ?? null) === Sex::Female && ($sexes[1] ?? null) !== Sex::Female
                || ($sexes[1] ?? null) === Sex::Male && $sexes[0] !== Sex::Male;
            foreach ($isTurned && count($parents) === 2 ? array_reverse($parents) : $parents as $side => $parent) {
                $seats[] = new AncestorSeat($child->seat * 2 + (count($parents) === 1 && $isTurned ? 1 : $side), $parent->personId, 0,
                    false,
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
