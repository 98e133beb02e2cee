<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Citation\NoteNumbers;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Narrative\LifeKin;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;

/** Facts that rival those that are told, for a note to say what else is said. */
final readonly class Rivals
{
    /** @param  array<string, list<Event>>  $byLeading  by id of the fact that leads */
    private function __construct(private array $byLeading)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  array<Person>  $people  with what is cited for their facts */
    public static function of(array $people, LifeKin $kin): self
    {
        $rivals = [];
        foreach ($people as $person) {
            foreach ([$person->events, ...array_map(static fn ($union): array => $union->events, $kin->unionsOf($person->id))] as $events) {
                foreach ($events as $event) {
                    $leading = $event->standing !== Standing::Rival ? null
                        : Event::leadingAmong(array_filter($events, $event->isOfKindOf(...)));
                    if ($leading !== null) {
                        $rivals[$leading->id][$event->id] = $event;
                    }
                }
            }
        }

        return new self(array_map(array_values(...), $rivals));
    }

    /** @return list<StyledWords> the mark of a note that says what else is said; none where nothing is */
    public function marks(Event $event, NoteNumbers $notes): array
    {
        $rivals = $this->byLeading[$event->id] ?? [];
        $words = [];
        foreach ($rivals as $rival) {
            $told = trim(implode(' ', array_filter([$rival->participle(), $rival->date->shown, $rival->value])));
            $words[] = StyledWords::plain(($words === [] ? 'Otherwise it is said: ' : ' Or: ').$told
                .($rival->place === '' ? '.' : ", {$rival->place}."));
            foreach ($rival->grounds() as $claim) {
                array_push($words, StyledWords::plain(' '), ...$notes->cited($claim));
            }
        }

        return $words === [] ? [] : [$notes->remark($words)];
    }
}
