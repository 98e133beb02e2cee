<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Narrative\DateWords;
use NorthBough\Core\Narrative\PlaceWords;
use NorthBough\Core\Narrative\Teller;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/** In which words the facts that a text tells would be told today. */
final readonly class FactsToday
{
    /**
     * @param  array<string, array{Event, non-empty-list<Person>}>  $facts  with whose they are, by fact: of a couple both
     */
    private function __construct(private array $facts)
    {
    }

    /** @param  list<FactCall>  $calls */
    public static function of(TreeView $tree, array $calls): self
    {
        $ownerIds = array_values(array_unique(array_map(static fn (FactCall $call): string => $call->ownerId, $calls)));
        $facts = [];
        foreach ($tree->lives($ownerIds) as $person) {
            foreach ($person->events as $event) {
                $facts[$event->id] = [$event, [$person]];
            }
        }
        $unions = $tree->unions($ownerIds, []);
        $people = $tree->lives(array_values(array_unique(array_merge([], ...array_values(array_map(
            static fn (Union $union): array => $union->partnerIds, $unions))))));
        foreach ($unions as $union) {
            $partners = array_values(array_filter(array_map(static fn (string $id): ?Person => $people[$id] ?? null, $union->partnerIds)));
            if ($partners === []) {
                continue;
            }
            foreach ($union->events as $event) {
                $facts[$event->id] = [$event, $partners];
            }
        }

        return new self($facts);
    }

    /** @return string empty where the fact is gone */
    public function words(FactCall $call): string
    {
        $found = $this->facts[$call->factId] ?? null;
        if ($found === null) {
            return '';
        }
        [$event, $people] = $found;
        $of = array_values(array_filter($people, static fn (Person $person): bool => $person->id === $call->ofId))[0] ?? $people[0];

        return self::told($event, $of, array_values(array_filter($people, static fn (Person $other): bool => $other !== $of)), $call->form);
    }

    public function isThere(FactCall $call): bool
    {
        return isset($this->facts[$call->factId]);
    }

    /** @param  list<Person>  $partners */
    private static function told(Event $event, Person $person, array $partners, FactForm $form): string
    {
        $names = implode(' and ', array_map(static fn (Person $partner): string => $partner->name()->shown(), $partners));

        return match ($form) {
            FactForm::Clause => trim(StyledWords::textOf(Teller::closed((new Teller)->clause($event, $person, [StyledWords::plain('')],
                $names === '' ? [] : [StyledWords::plain($names)])))),
            FactForm::When => DateWords::of($event->date),
            FactForm::Where => StyledWords::textOf((new PlaceWords)->where($event->place, $event->placeId ?? '')),
            FactForm::Value => trim($event->value),
        };
    }
}
