<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** A TreeView over values that are held in memory: a whole small tree, or a neighbourhood that was fetched. */
final readonly class Snapshot implements TreeView
{
    /** @var array<string, Person> */
    private array $people;

    /** @var array<string, Union> */
    private array $unions;

    /** @var array<string, list<ParentSet>> */
    private array $setsByChild;

    /** @var array<string, list<Union>> */
    private array $unionsByPartner;

    /** @var array<string, list<Placing>> */
    private array $placingsByPerson;

    /**
     * @param  list<Person>  $people
     * @param  list<Union>  $unions  in the order in which each partner lived them
     * @param  list<ParentSet>  $parentSets
     * @param  list<Placing>  $placings
     * @param  array<string, PersonAside>  $asides  by person
     * @param  array<string, list<EventRole>>  $roles  by event
     */
    public function __construct(array $people, array $unions, array $parentSets, array $placings = [], private readonly array $asides = [],
        private readonly array $roles = [])
    {
        $this->people = array_column($people, null, 'id');
        $this->unions = array_column($unions, null, 'id');
        $byChild = [];
        foreach ($parentSets as $set) {
            $byChild[$set->childId][] = $set;
        }
        foreach ($byChild as &$sets) {
            usort($sets, static fn (ParentSet $a, ParentSet $b): int => $b->leads <=> $a->leads);
        }
        unset($sets);
        $this->setsByChild = $byChild;
        $byPartner = [];
        foreach ($unions as $union) {
            foreach ($union->partnerIds as $partnerId) {
                $byPartner[$partnerId][] = $union;
            }
        }
        $this->unionsByPartner = $byPartner;
        $byPerson = [];
        foreach ($placings as $placing) {
            $byPerson[$placing->personId][] = $placing;
        }
        $this->placingsByPerson = $byPerson;
    }

    public function people(array $ids): array
    {
        return array_intersect_key($this->people, array_flip($ids));
    }

    public function lives(array $ids, array $backed = []): array
    {
        return $this->people($ids);
    }

    public function parentSets(array $childIds): array
    {
        return array_intersect_key($this->setsByChild, array_flip($childIds));
    }

    public function unionsOf(array $personIds): array
    {
        return array_intersect_key($this->unionsByPartner, array_flip($personIds));
    }

    public function unions(array $unionIds, ?array $backed = null): array
    {
        return array_intersect_key($this->unions, array_flip($unionIds));
    }

    public function placings(array $personIds): array
    {
        return array_intersect_key($this->placingsByPerson, array_flip($personIds));
    }

    public function roles(array $eventIds): array
    {
        return array_intersect_key($this->roles, array_flip($eventIds));
    }

    public function asides(array $personIds): array
    {
        return array_intersect_key($this->asides, array_flip($personIds));
    }
}
