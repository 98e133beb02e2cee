<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Casework;

use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;

/** Who stands around somebody: parents, brothers and sisters, partners and children, each called by what they are. */
final class CloseKin
{
    /** @return array<string, string> what each is, by id, themselves first; ties that were ruled out make none */
    public static function of(TreeView $tree, Person $person): array
    {
        $sets = array_filter($tree->parentSets([$person->id])[$person->id] ?? [], static fn ($set): bool => $set->leads);
        $around = ['parent' => [], 'sibling' => [], 'partner' => [], 'child' => []];
        foreach ($sets as $set) {
            array_push($around['parent'], ...array_column($set->whoStand(), 'personId'));
            array_push($around['sibling'],
                ...array_diff(($tree->unions([$set->unionId])[$set->unionId] ?? null)->childIds ?? [], [$person->id]));
        }
        foreach ($tree->unionsOf([$person->id])[$person->id] ?? [] as $union) {
            array_push($around['partner'], ...$union->partnersOf($person->id));
            array_push($around['child'], ...$union->childrenOf($person->id));
        }
        $people = $tree->lives(array_values(array_unique(array_merge(...array_values($around)))));
        $called = [$person->id => ''];
        foreach ($around as $relation => $ids) {
            foreach ($ids as $id) {
                $called[$id] ??= self::word($relation, ($people[$id] ?? null)->sex ?? Sex::Unknown);
            }
        }

        return $called;
    }

    private static function word(string $relation, Sex $sex): string
    {
        $words = ['parent' => ['father', 'mother'], 'sibling' => ['brother', 'sister'], 'partner' => ['husband', 'wife'],
            'child' => ['son', 'daughter']];

        return match ($sex) {
            Sex::Male => $words[$relation][0],
            Sex::Female => $words[$relation][1],
            default => $relation,
        };
    }
}
