<?php

declare(strict_types=1);

namespace App\Trees\Check;

use App\Trees\DatabaseTree;
use NorthBough\Core\Check\Window\LifeWindows;
use NorthBough\Core\Check\Window\Limits;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\TreeView;

/** When somebody must and likely did live, from their own facts and from those of the people around them, three ties far. */
final readonly class Windows
{
    private const FAR = 3;

    /** However large a family is, no more people than these are looked at. */
    private const MOST = 400;

    public function __construct(private DatabaseTree $tree)
    {
    }

    /**
     * @param  TreeView|null  $tree  with what is supposed; null for the tree as it is
     * @return array{LifeWindows, array<string, Person>} settled, and the people who were looked at, by id
     */
    public function around(string $personId, ?TreeView $tree = null): array
    {
        $tree ??= $this->tree;
        $ids = [$personId];
        $unions = $sets = [];
        for ($far = 0, $new = $ids; $far < self::FAR && $new !== [] && count($ids) < self::MOST; $far++) {
            $unions = $tree->unionsOf($new) + $unions;
            $sets = $tree->parentSets($new) + $sets;
            $near = [];
            foreach ($new as $id) {
                foreach ($unions[$id] ?? [] as $union) {
                    array_push($near, ...$union->partnerIds, ...$union->childIds);
                }
                foreach ($sets[$id] ?? [] as $set) {
                    array_push($near, ...array_map(static fn ($tie): string => $tie->personId, $set->parents));
                }
            }
            $new = array_slice(array_values(array_diff(array_unique($near), $ids)), 0, self::MOST - count($ids));
            array_push($ids, ...$new);
        }
        $people = $tree->lives($ids);
        $windows = new LifeWindows(Limits::usual());
        foreach ($people as $id => $person) {
            $windows->person((string) $id);
            foreach ($person->events as $event) {
                // Of values that disagree, the one that leads counts.
                if (! in_array($event->kind, ['birth', 'death'], true) || $person->leading($event->kind) === $event) {
                    $windows->event((string) $id, $event);
                }
            }
        }
        foreach ($unions as $ofPerson) {
            foreach ($ofPerson as $union) {
                if (count($union->partnerIds) === 2 && isset($people[$union->partnerIds[0]], $people[$union->partnerIds[1]])) {
                    $windows->couple($union->partnerIds[0], $union->partnerIds[1], $union->marriage());
                }
            }
        }
        foreach ($sets as $childId => $ofChild) {
            foreach ($ofChild as $set) {
                foreach ($set->parents as $tie) {
                    if ($set->leads && $tie->kind === ParentageKind::Birth && $tie->standing !== Standing::RuledOut && $tie->standing !== Standing::Rival && isset($people[$tie->personId], $people[$childId])) {
                        $windows->parent((string) $childId, $tie->personId, $people[$tie->personId]->sex);
                    }
                }
            }
        }
        $windows->settle();

        return [$windows, $people];
    }
}
