<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Chrono\DateStyle;
use NorthBough\Core\Naming\MarriedName;
use NorthBough\Core\Naming\NameStyle;

/** A tree as one reader wants to see it: names and dates in their style, nothing else changed. */
final readonly class FormattedTree implements TreeView
{
    public function __construct(private TreeView $tree, private NameStyle $names, private DateStyle $dates, private MarriedCustom $custom)
    {
    }

    public function people(array $ids): array
    {
        return $this->styled($this->tree->people($ids));
    }

    public function lives(array $ids, array $backed = []): array
    {
        return $this->styled($this->tree->lives($ids, $backed));
    }

    public function parentSets(array $childIds): array
    {
        return $this->tree->parentSets($childIds);
    }

    public function unionsOf(array $personIds): array
    {
        return array_map(fn (array $unions): array => array_map($this->union(...), $unions), $this->tree->unionsOf($personIds));
    }

    public function unions(array $unionIds, ?array $backed = null): array
    {
        return array_map($this->union(...), $this->tree->unions($unionIds, $backed));
    }

    public function placings(array $personIds): array
    {
        return $this->tree->placings($personIds);
    }

    public function roles(array $eventIds): array
    {
        return $this->tree->roles($eventIds);
    }

    public function asides(array $personIds): array
    {
        return $this->tree->asides($personIds);
    }

    private function union(Union $union): Union
    {
        return $union->telling($this->dated($union->events));
    }

    /**
     * @param  array<string, Person>  $people
     * @return array<string, Person>
     */
    private function styled(array $people): array
    {
        $married = $this->names->married === MarriedName::Birth ? [] : $this->married($people);

        return array_map(fn (Person $person): Person => new Person($person->id, $person->number, $person->sex,
            array_map(fn (int $at, Name $name): Name => new Name($name->id, $name->kind,
                $name->name->styled($this->names, $at === 0 ? $married[$person->id] ?? '' : ''),
                $name->standing),
                array_keys($person->names), $person->names),
            $this->dated($person->events)), $people);
    }

    /**
     * @param  array<string, Person>  $people
     * @return array<string, string> surnames borne last, by person
     */
    private function married(array $people): array
    {
        $unions = $this->tree->unionsOf(array_keys($people));
        $partnerIds = array_merge(
            ...array_map(static fn (Union $union): array => $union->partnerIds, array_merge([], ...array_values($unions))), ...[[]]);
        $partners = $this->tree->lives(array_values(array_unique($partnerIds)));

        return array_map(fn (Person $person): string => $this->custom->surnameOf($person, $unions[$person->id] ?? [], $partners), $people);
    }

    /**
     * @param  list<Event>  $events
     * @return list<Event>
     */
    private function dated(array $events): array
    {
        return $this->dates === DateStyle::Short ? $events : array_map(fn (Event $event): Event => new Event(
            $event->id, $event->kind, $event->typeWords, $event->value, $event->date->styled($this->dates), $event->place, $event->denied,
            $event->evidence, $event->standing, $event->placeId, $event->restriction, $event->custom), $events);
    }
}
