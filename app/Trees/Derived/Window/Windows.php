<?php

declare(strict_types=1);

namespace App\Trees\Derived\Window;

use App\Trees\Loading\DatabaseTree;
use NorthBough\Core\Life\Window\LifeWindows;
use NorthBough\Core\Life\Window\LikelyLimits;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;

/** When somebody must and likely did live, from their own facts and from those of the people around them, three ties far. */
final readonly class Windows
{
    private const FAR = 3;

    /** However large a family is, no more people than these are looked at. */
    private const MOST = 400;

    public function __construct(private DatabaseTree $tree, private Presence $presence, private StoredWindows $stored)
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
        // However far away the ground of a bound is, its chain is told whole.
        $far = $tree === $this->tree ? array_values(array_diff($this->stored->behind($personId, self::MOST), $ids)) : [];
        $sets += $tree->parentSets([...$new, ...$far]);
        $unions += $far === [] ? [] : $tree->unionsOf($far);
        $people = $tree->lives([...$ids, ...$far]);
        $windows = new LifeWindows(LikelyLimits::usual());
        foreach ($people as $id => $person) {
            $windows->person((string) $id);
            $windows->events((string) $id, $person->events);
        }
        foreach ($unions as $ofPerson) {
            foreach ($ofPerson as $union) {
                $wedding = $union->marriage();
                if ($wedding !== null) {
                    array_map(static fn (string $id) => $windows->wed($id, $wedding),
                        array_filter($union->partnerIds, static fn (string $id): bool => isset($people[$id])));
                }
            }
        }
        foreach (LifeEvidence::births($sets) as [$childId, $parentId]) {
            if (isset($people[$childId], $people[$parentId])) {
                $windows->parent($childId, $parentId, $people[$parentId]->sex);
            }
        }
        $this->presence->addTo($windows, array_map(strval(...), array_keys($people)));
        $windows->settle();

        return [$windows, $people];
    }
}
