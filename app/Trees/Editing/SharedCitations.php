<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Claim;
use App\Models\Event as EventRow;
use App\Models\Record;
use App\Models\Source;
use App\Refusal;
use App\Trees\Loading\DatabaseTree;
use NorthBough\Core\Record\SharedEvent;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;

/** One citation put on the same event of several people in one act. */
final readonly class SharedCitations
{
    public function __construct(private DatabaseTree $tree, private Citations $citations, private Facts $facts)
    {
    }

    /**
     * The family of whoever a claim concerns, each with the same event where they have it.
     *
     * @return list<array{person: Person, fact: Event|null, isCited: bool}> the nearest first; empty where nobody can share the event
     */
    public function among(Claim $claim): array
    {
        [$event, $whose] = $this->event($claim);
        if ($event === null || ! SharedEvent::canBeShared($event)) {
            return [];
        }
        $among = [];
        foreach ($this->tree->people($this->family($whose)) as $person) {
            $fact = SharedEvent::among($event, $person->events);
            if ($fact === null && ! SharedEvent::canHaveBeenAt($event, $person)) {
                continue;
            }
            $isCited = false;
            foreach ($fact->evidence ?? [] as $evidence) {
                $isCited = $isCited || $evidence->recordId === $claim->record_id;
            }
            $among[] = ['person' => $person, 'fact' => $fact, 'isCited' => $isCited];
        }

        // Who has the event stands before who would get it.
        return [...array_filter($among, static fn (array $offer): bool => $offer['fact'] !== null),
            ...array_filter($among, static fn (array $offer): bool => $offer['fact'] === null)];
    }

    /**
     * Puts the citation on the event of everybody named; who has no such event gets it, with the same day and place.
     * Called inside an open change set.
     *
     * @param  list<string>  $personIds
     * @return int on how many it was put
     *
     * @throws Refusal when somebody named is not one of those whom `among` offers
     */
    public function put(Claim $claim, array $personIds): int
    {
        $row = EventRow::query()->findOrFail((string) $claim->event_id);
        $record = Record::query()->findOrFail($claim->record_id);
        $source = Source::query()->findOrFail($record->source_id);
        $offered = [];
        foreach ($this->among($claim) as $offer) {
            $offered[$offer['person']->id] = $offer;
        }
        $count = 0;
        foreach (array_unique($personIds) as $id) {
            $offer = $offered[$id]
                ?? throw new Refusal('Somebody named there is not of the family, or cannot share this event. Look at it again.', 409);
            if ($offer['isCited']) {
                continue;
            }
            $factId = $offer['fact']->id
                ?? $this->facts->add('person_id', $id,
                    ['kind' => $row->kind, 'typeWords' => $row->type_words, 'date' => $row->date_typed, 'place' => $row->place_typed,
                        'placeId' => $row->place_id])->id;
            $this->citations->cite('event_id', $factId, $source, $record->locator, $claim->words);
            $count++;
        }

        return $count;
    }

    /** @return array{Event|null, string} the event and whose it is; a couple's is shared already */
    private function event(Claim $claim): array
    {
        $row = $claim->event_id === null ? null : EventRow::query()->where('id', $claim->event_id)->first();
        if ($row === null || $row->person_id === null) {
            return [null, ''];
        }
        foreach ($this->tree->people([$row->person_id])[$row->person_id]->events ?? [] as $event) {
            if ($event->id === $row->id) {
                return [$event, $row->person_id];
            }
        }

        return [null, ''];
    }

    /** @return list<string> partners and children, then parents and their children */
    private function family(string $personId): array
    {
        $parents = [];
        foreach ($this->tree->parentSets([$personId])[$personId] ?? [] as $set) {
            array_push($parents, ...array_column($set->whoStand(), 'personId'));
        }
        $parents = array_values(array_unique(array_filter($parents)));
        $ids = [];
        $unions = $this->tree->unionsOf([$personId, ...$parents]);
        foreach ([$personId, ...$parents] as $id) {
            foreach ($unions[$id] ?? [] as $union) {
                array_push($ids, ...$union->partnerIds, ...$union->childIds);
            }
            array_push($ids, ...($id === $personId ? $parents : []));
        }

        return array_values(array_diff(array_unique($ids), [$personId]));
    }
}
