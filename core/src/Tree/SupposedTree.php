<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** A tree with suppositions laid over it. Nothing is copied and nothing beneath is changed. */
final readonly class SupposedTree implements TreeView
{
    public function __construct(private TreeView $tree, private Suppositions $supposed)
    {
    }

    public function people(array $ids): array
    {
        return array_map($this->person(...), $this->tree->people($ids));
    }

    public function lives(array $ids, array $backed = []): array
    {
        return array_map($this->person(...), $this->tree->lives($ids, $backed));
    }

    public function parentSets(array $childIds): array
    {
        $byChild = $this->tree->parentSets($childIds);
        foreach ($this->supposed->ties as $set) {
            if (in_array($set->childId, $childIds, true)) {
                $byChild[$set->childId][] = $set;
            }
        }
        $seen = [];
        foreach ($byChild as $childId => $sets) {
            $sets = $this->onOtherFooting(
                array_values(array_filter($sets, fn (ParentSet $set): bool => ! isset($this->supposed->untied[$set->id]))));
            if ($sets !== []) {
                $seen[$childId] = $sets;
            }
        }

        return $seen;
    }

    public function unionsOf(array $personIds): array
    {
        $byPerson = array_map(fn (array $unions): array => array_map($this->union(...), $unions), $this->tree->unionsOf($personIds));
        foreach ($this->supposed->unions as $union) {
            foreach (array_intersect($personIds, $union->partnerIds) as $personId) {
                $byPerson[$personId][] = $this->union($union);
            }
        }

        return $byPerson;
    }

    public function unions(array $unionIds, ?array $backed = null): array
    {
        return array_map($this->union(...),
            $this->tree->unions($unionIds, $backed) + array_intersect_key($this->supposed->unions, array_flip($unionIds)));
    }

    public function placings(array $personIds): array
    {
        $byPerson = [];
        foreach ($this->tree->placings($personIds) as $personId => $placings) {
            $byPerson[$personId] = array_values(array_filter($placings,
                fn (Placing $placing): bool => ! isset($this->supposed->unplaced[$placing->lineId])
                    && ! isset($this->supposed->placings[$placing->lineId])));
        }
        foreach ($this->supposed->placings as $placing) {
            if (in_array($placing->personId, $personIds, true)) {
                $byPerson[$placing->personId][] = $placing;
            }
        }

        return array_filter($byPerson, static fn (array $placings): bool => $placings !== []);
    }

    public function roles(array $eventIds): array
    {
        return $this->tree->roles($eventIds);
    }

    public function asides(array $personIds): array
    {
        return $this->tree->asides($personIds);
    }

    private function person(Person $person): Person
    {
        return new Person($person->id, $person->number, $person->sex, $person->names, $this->events($person->events));
    }

    private function union(Union $union): Union
    {
        $without = array_column(array_filter($this->supposed->untied, static fn (ParentSet $set): bool => $set->unionId === $union->id),
            'childId');
        $with = array_column(array_filter($this->supposed->ties, static fn (ParentSet $set): bool => $set->unionId === $union->id),
            'childId');

        return $union->telling($this->events($union->events),
            array_values(array_unique([...array_diff($union->childIds, $without), ...$with])));
    }

    /**
     * @param  list<Event>  $events
     * @return list<Event>
     */
    private function events(array $events): array
    {
        return array_map(fn (Event $event): Event => $event->onOtherFooting($this->supposed->events[$event->id] ?? $event->standing,
            array_values(array_filter($event->evidence,
                fn (CitedEvidence $evidence): bool => ! isset($this->supposed->withoutClaims[$evidence->claimId])))), $events);
    }

    /**
     * @param  list<ParentSet>  $sets
     * @return list<ParentSet> the leading one first
     */
    private function onOtherFooting(array $sets): array
    {
        $leading = array_values(array_filter($sets, fn (ParentSet $set): bool => $set->leads && isset($this->supposed->ties[$set->id])))[0]
            ?? null;
        $sets = array_map(fn (ParentSet $set): ParentSet => new ParentSet(
            $set->id, $set->childId, $set->unionId, $leading === null ? $set->leads : $set->id === $leading->id,
            array_map(fn (Parentage $parent): Parentage => $this->supposed->parentages["{$set->id} {$parent->personId}"] ?? $parent,
                $set->parents),
        ), $sets);
        usort($sets, static fn (ParentSet $a, ParentSet $b): int => $b->leads <=> $a->leads);

        return $sets;
    }
}
