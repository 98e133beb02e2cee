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
     * @param  array<string, array{Event, Person}>  $facts  with whoever they are told of, by fact
     * @param  array<string, list<string>>  $partners  names, by fact of a couple
     */
    private function __construct(private array $facts, private array $partners)
    {
    }

    /** @param  list<FactCall>  $calls */
    public static function of(TreeView $tree, array $calls): self
    {
        $ownerIds = array_values(array_unique(array_map(static fn (FactCall $call): string => $call->ownerId, $calls)));
        $facts = [];
        $partners = [];
        foreach ($tree->lives($ownerIds) as $person) {
            foreach ($person->events as $event) {
                $facts[$event->id] = [$event, $person];
            }
        }
        $unions = $tree->unions($ownerIds, []);
        $people = $tree->lives(array_values(array_unique(array_merge([], ...array_values(array_map(
            static fn (Union $union): array => $union->partnerIds, $unions))))));
        foreach ($unions as $union) {
            $first = $people[$union->partnerIds[0] ?? ''] ?? null;
            if ($first === null) {
                continue;
            }
            foreach ($union->events as $event) {
                $facts[$event->id] = [$event, $first];
                $partners[$event->id] = array_values(array_map(static fn (Person $partner): string => $partner->name()->shown(),
                    array_intersect_key($people, array_flip($union->partnersOf($first->id)))));
            }
        }

        return new self($facts, $partners);
    }

    /** @return string empty where the fact is gone */
    public function words(FactCall $call): string
    {
        $found = $this->facts[$call->factId] ?? null;

        return $found === null ? '' : $this->told($found[0], $found[1], $call->form);
    }

    public function isThere(FactCall $call): bool
    {
        return isset($this->facts[$call->factId]);
    }

    private function told(Event $event, Person $person, FactForm $form): string
    {
        $teller = new Teller;

        return match ($form) {
            FactForm::Clause => trim(StyledWords::textOf(Teller::closed($teller->clause($event, $person, [StyledWords::plain('')],
                self::partner($this->partners[$event->id] ?? []))))),
            FactForm::When => DateWords::of($event->date),
            FactForm::Where => StyledWords::textOf((new PlaceWords)->where($event->place, $event->placeId ?? '')),
            FactForm::Value => trim($event->value),
        };
    }

    /**
     * @param  list<string>  $names
     * @return list<StyledWords>
     */
    private static function partner(array $names): array
    {
        return $names === [] ? [] : [StyledWords::plain(implode(' and ', $names))];
    }
}
