<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Event;
use App\Models\Place;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Restriction;
use NorthBough\Core\Tree\UnknownEventKind;

/** Puts facts on people and couples, changes them, takes them away. Called inside an open change set. */
final readonly class Facts
{
    public function __construct(private Places $places, private SourceDates $dates, private HeldCitation $held)
    {
    }

    /** @param  array{kind: string, typeWords?: string, value?: string, date?: string, place?: string, placeId?: string|null, denied?: bool, restriction?: string}  $said */
    public function add(string $ownerColumn, string $ownerId, array $said): Event
    {
        try {
            $kind = EventKinds::named($said['kind']);
        } catch (UnknownEventKind $problem) {
            throw new Refusal($problem->getMessage());
        }
        if (! ($ownerColumn === 'union_id' ? $kind->ofUnion : $kind->ofPerson) && ! ($said['denied'] ?? false)) {
            throw new Refusal($ownerColumn === 'union_id' ? "{$kind->word} is a person's, not a couple's." : "{$kind->word} is a couple's: put it on the union.");
        }

        $event = Event::query()->create([
            $ownerColumn => $ownerId,
            'kind' => $kind->code,
            'position' => 1 + (int) Event::query()->where($ownerColumn, $ownerId)->max('position'),
            ...$this->columns($said, null),
        ]);
        $this->held->cite($event);

        return $event;
    }

    /** @param  array{kind?: string, typeWords?: string, value?: string, date?: string, place?: string, placeId?: string|null, denied?: bool, restriction?: string}  $said */
    public function change(Event $event, int $versionRead, array $said): Event
    {
        ChangedMeanwhile::unless($event, $versionRead, $said);
        if (isset($said['date']) && trim($said['date']) === trim($event->date_typed)) {
            unset($said['date']);
        }
        $event->fill($this->columns($said, $event))->save();
        $this->dates->again($event);

        return $event;
    }

    public function delete(Change $change, Event $event): void
    {
        $change->deleteWhole($event);
    }

    /**
     * @param  array<string, mixed>  $said
     * @return array<string, mixed>
     */
    private function columns(array $said, ?Event $before): array
    {
        $columns = [];
        foreach (['typeWords' => 'type_words', 'value' => 'value', 'denied' => 'denied', 'place' => 'place_typed'] as $field => $column) {
            if (array_key_exists($field, $said)) {
                $columns[$column] = is_string($said[$field]) ? trim($said[$field]) : $said[$field];
            }
        }
        if (array_key_exists('restriction', $said)) {
            $columns['restriction'] = Restriction::fromStandard($said['restriction'])->words();
        }
        if (array_key_exists('placeId', $said)) {
            $columns['place_id'] = $said['placeId'] === null ? null : Place::query()->where('id', $said['placeId'])->firstOrFail()->id;
        } elseif (($columns['place_typed'] ?? $before?->place_typed) !== $before?->place_typed) {
            // Other words: what was said of the old ones no longer holds.
            $columns['place_id'] = null;
        }
        if (array_key_exists('date', $said) || isset($columns['place_typed'])) {
            $typed = (string) ($said['date'] ?? '');
            $standing = $this->places->understand($columns['place_typed'] ?? $before->place_typed ?? '', GenDate::parse($typed)->span());
            if (array_key_exists('date', $said)) {
                $columns['date'] = $this->dates->read($typed, $columns['place_id'] ?? $standing);
            }
        }

        return $columns;
    }
}
