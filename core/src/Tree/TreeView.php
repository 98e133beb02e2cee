<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** The one way in which core sees a tree. Every question is asked for many at once. */
interface TreeView
{
    /**
     * @param  list<string>  $ids
     * @return array<string, Person> by id; those that are not in the tree are missing
     */
    public function people(array $ids): array;

    /**
     * People without the claims behind their events, for what needs none.
     *
     * @param  list<string>  $ids
     * @param  list<string>  $backed  those among them whose claims are wanted all the same
     * @return array<string, Person> by id; those that are not in the tree are missing
     */
    public function lives(array $ids, array $backed = []): array;

    /**
     * @param  list<string>  $childIds
     * @return array<string, list<ParentSet>> by child, the leading set first
     */
    public function parentSets(array $childIds): array;

    /**
     * @param  list<string>  $personIds
     * @return array<string, list<Union>> by partner, in the order of that person's life
     */
    public function unionsOf(array $personIds): array;

    /**
     * @param  list<string>  $unionIds
     * @param  list<string>|null  $backed  those among them whose claims are wanted; null for all
     * @return array<string, Union> by id
     */
    public function unions(array $unionIds, ?array $backed = null): array;

    /**
     * The lines of rolls that are, or might be, these people.
     *
     * @param  list<string>  $personIds
     * @return array<string, list<Placing>> by person; those whom no line names are missing
     */
    public function placings(array $personIds): array;

    /**
     * What stands beside people that their facts do not tell.
     *
     * @param  list<string>  $personIds
     * @return array<string, PersonAside> by person; those of whom there is nothing are missing
     */
    public function asides(array $personIds): array;

    /**
     * @param  list<string>  $eventIds
     * @return array<string, list<EventRole>> by event, in hand order
     */
    public function roles(array $eventIds): array;
}
