<?php

declare(strict_types=1);

namespace NorthBough\Core\Privacy;

use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventRole;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\PersonAside;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/**
 * A tree as it may leave the house: of the living stands that they are there and whose they are, and nothing else;
 * of their unions nothing but the partners and children.
 */
final class ShieldedTree implements TreeView
{
    public const WORD = 'Living';

    /** @var array<string, true> those who were withheld so far */
    private array $withheld = [];

    private readonly Redactor $redactor;

    /** @param  \Closure(list<string>): list<string>  $livingAmong  who of some people is living */
    public function __construct(
        private readonly TreeView $tree,
        private readonly \Closure $livingAmong,
        private readonly LivingNames $names,
    ) {
        $this->redactor = new Redactor($names->hide(...), $names->hide(...), static fn (): bool => false);
    }

    public function people(array $ids): array
    {
        return $this->shielded($this->tree->people($ids));
    }

    public function lives(array $ids, array $backed = []): array
    {
        return $this->shielded($this->tree->lives($ids, $backed));
    }

    /**
     * @param  array<string, Person>  $people
     * @return array<string, Person>
     */
    private function shielded(array $people): array
    {
        $people = array_map($this->withoutNames(...), $people);
        foreach ($this->living(array_keys($people)) as $id => $yes) {
            $people[$id] = new Person($id, $people[$id]->number, Sex::Unknown,
                [new Name('', NameKind::Birth, PersonalName::of(self::WORD, ''))], []);
        }

        return $people;
    }

    public function parentSets(array $childIds): array
    {
        return $this->tree->parentSets($childIds);
    }

    public function unionsOf(array $personIds): array
    {
        return array_map(fn (array $unions): array => array_values($this->withoutEvents($unions)), $this->tree->unionsOf($personIds));
    }

    public function unions(array $unionIds, ?array $backed = null): array
    {
        return $this->withoutEvents($this->tree->unions($unionIds, $backed));
    }

    /** Nobody's line tells of the living. */
    public function placings(array $personIds): array
    {
        return $this->tree->placings(array_values(array_diff($personIds, array_keys($this->living($personIds)))));
    }

    /** The portraits of the dead; what is asked of somebody may name the living. */
    /** Nobody living had a part in anything, as far as it is told. */
    public function roles(array $eventIds): array
    {
        $roles = $this->tree->roles($eventIds);
        $living = $this->living(array_values(array_filter(array_column(array_merge([], ...array_values($roles)), 'personId'))));
        $hidden = fn (EventRole $role): EventRole => new EventRole($role->role, $role->personId, $this->names->hide($role->words));

        return array_map(static fn (array $list): array => array_map($hidden, array_values(array_filter($list,
            static fn (EventRole $role): bool => ! isset($living[$role->personId])))), $roles);
    }

    public function asides(array $personIds): array
    {
        $dead = array_values(array_diff($personIds, array_keys($this->living($personIds))));

        return array_map(static fn (PersonAside $aside): PersonAside => new PersonAside($aside->portrait), $this->tree->asides($dead));
    }

    /** How many people were withheld in what was asked for. */
    public function withheld(): int
    {
        return count($this->withheld);
    }

    /**
     * @param  array<array-key, Union>  $unions
     * @return array<array-key, Union>
     */
    private function withoutEvents(array $unions): array
    {
        $partners = array_merge(...array_values(array_map(self::everybodyIn(...), $unions)), ...[[]]);
        $living = $this->living($partners);

        return array_map(
            fn (Union $union): Union => $union->telling(array_intersect_key($living, array_flip(self::everybodyIn($union))) === []
                    ? $this->telling($union->events) : []),
            $unions,
        );
    }

    /** @return list<string> those who were ruled out too: what is told of the couple may name them */
    private static function everybodyIn(Union $union): array
    {
        return [...$union->partnerIds, ...$union->ruledOutIds()];
    }

    private function withoutNames(Person $person): Person
    {
        return new Person($person->id, $person->number, $person->sex, $person->names, $this->telling($person->events));
    }

    /**
     * @param  list<Event>  $events
     * @return list<Event> those that nobody asked to withhold
     */
    private function telling(array $events): array
    {
        return array_map($this->redacted(...),
            array_values(array_filter($events, static fn (Event $event): bool => ! $event->isWithheld())));
    }

    /** An event of the dead, the names of the living taken out of its words and those of its sources. */
    private function redacted(Event $event): Event
    {
        $copy = $this->redactor->copy($event);

        return $copy->citing(array_map(static fn (CitedEvidence $cited): CitedEvidence => $cited->withoutReasons(), $copy->evidence));
    }

    /**
     * @param  array<array-key, string>  $ids
     * @return array<string, true>
     */
    private function living(array $ids): array
    {
        $living = array_fill_keys(($this->livingAmong)(array_values(array_unique($ids))), true);
        $this->withheld += $living;

        return $living;
    }
}
