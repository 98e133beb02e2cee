<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Cast;

use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** Who of the people drawn are a couple, and whose children. */
final class Households
{
    /**
     * @param  array<string, Person>  $people
     * @param  array<string, list<Union>>  $unions  by partner
     * @param  array<string, list<ParentSet>>  $sets  by child
     * @return list<Household>
     */
    public static function of(array $people, array $unions, array $sets): array
    {
        $byUnion = [];
        foreach (array_keys($people) as $childId) {
            foreach ($sets[$childId] ?? [] as $set) {
                foreach ($set->whoStand() as $parent) {
                    if (isset($people[$parent->personId])) {
                        $byUnion[$set->unionId][$childId][] =
                            new Tie((string) $childId, $parent->personId, $parent->kind, $parent->isUnproved());
                    }
                }
            }
        }
        $households = [];
        foreach (array_keys($people) as $personId) {
            foreach ($unions[$personId] ?? [] as $union) {
                $households[$union->id] ??= self::household($union, $people, $byUnion[$union->id] ?? []);
            }
        }

        return array_values(array_filter($households));
    }

    /**
     * @param  array<string, Person>  $people
     * @param  array<string, list<Tie>>  $ties  by child
     */
    private static function household(Union $union, array $people, array $ties): ?Household
    {
        $partners = array_values(array_filter($union->partnerIds, static fn (string $id): bool => isset($people[$id])));
        $children = array_values(array_filter(array_unique([...$union->childIds, ...array_map(strval(...), array_keys($ties))]),
            static fn (string $id): bool => isset($ties[$id])));
        foreach ($ties as $tiesOfChild) {
            foreach ($tiesOfChild as $tie) {
                $partners[] = $tie->parentId;
            }
        }
        $partners = array_values(array_unique($partners));
        if ($partners === [] || (count($partners) === 1 && $children === [])) {
            return null;
        }
        usort($partners, static fn (string $one,
            string $other): int => ($people[$one]->sex === Sex::Female) <=> ($people[$other]->sex === Sex::Female));

        return new Household($union->id, $partners, $children, array_merge(...array_values($ties), ...[[]]), $union->isUnproved());
    }
}
