<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

use NorthBough\Core\Tree\EventRole;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/** Whom the text of a life names besides the one it is of: parents, partners and children, of several people at once. */
final readonly class LifeKin
{
    /**
     * @param  array<string, ParentSet>  $parents  the set that leads, by child
     * @param  array<string, list<Union>>  $unions  as they were lived, by partner
     * @param  array<string, Person>  $people
     * @param  array<string, list<EventRole>>  $roles  by event
     */
    private function __construct(private array $parents, private array $unions, private array $people, private array $roles)
    {
    }

    /** @param  array<Person>  $people  whose lives are told, as they were fetched for it */
    public static function of(TreeView $tree, array $people): self
    {
        $personIds = array_values(array_column($people, 'id'));
        $parents = array_filter(array_map(ParentSet::leadingOf(...), $tree->parentSets($personIds)));
        $unions = array_map(Union::asLived(...), $tree->unionsOf($personIds));
        $ids = array_merge([], ...array_map(static fn (ParentSet $set): array => array_column($set->whoStand(), 'personId'),
            array_values($parents)));
        foreach ($unions as $list) {
            foreach ($list as $union) {
                array_push($ids, ...$union->partnerIds, ...$union->childIds);
            }
        }

        $roles = $tree->roles(self::eventsOf($people, $unions));
        array_push($ids, ...array_filter(array_column(array_merge([], ...array_values($roles)), 'personId')));

        return new self($parents, $unions, $tree->lives(array_values(array_unique($ids))), $roles);
    }

    /**
     * @param  array<Person>  $people
     * @param  array<string, list<Union>>  $unions
     * @return list<string> ids of what is told of them
     */
    private static function eventsOf(array $people, array $unions): array
    {
        $events = array_merge([], ...array_map(static fn (Person $person): array => $person->events, array_values($people)));
        foreach ($unions as $list) {
            foreach ($list as $union) {
                array_push($events, ...$union->events);
            }
        }

        return array_values(array_unique(array_column($events, 'id')));
    }

    /**
     * @return list<array{string, list<Person|string>}> each role at an event, and who had it: somebody of the tree, or what they
     *     are called
     */
    public function rolesAt(string $eventId): array
    {
        $byRole = [];
        foreach ($this->roles[$eventId] ?? [] as $role) {
            $who = $this->people[$role->personId] ?? $role->words;
            if ($who !== '') {
                $byRole[$role->role][] = $who;
            }
        }

        return array_map(static fn (string $role, array $who): array => [$role, $who], array_keys($byRole), $byRole);
    }

    public function parents(string $personId): ?ParentSet
    {
        return $this->parents[$personId] ?? null;
    }

    /** @return list<array{Parentage, Person}> those who stand and are in the tree */
    public function parentsOf(string $personId): array
    {
        $set = $this->parents($personId);
        $found = [];
        foreach ($set === null ? [] : $set->whoStand() as $tie) {
            if (isset($this->people[$tie->personId])) {
                $found[] = [$tie, $this->people[$tie->personId]];
            }
        }

        return $found;
    }

    /** @return list<Union> */
    public function unionsOf(string $personId): array
    {
        return $this->unions[$personId] ?? [];
    }

    /** @return list<Person> */
    public function partners(Union $union, string $personId): array
    {
        return $this->those($union->partnersOf($personId));
    }

    /** @return list<Person> in the order in which they were put */
    public function children(Union $union, string $personId): array
    {
        return $this->those($union->childrenOf($personId));
    }

    /**
     * @param  list<string>  $ids
     * @return list<Person>
     */
    private function those(array $ids): array
    {
        return array_values(array_filter(array_map(fn (string $id): ?Person => $this->people[$id] ?? null, $ids)));
    }
}
