<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Event;
use App\Models\Place;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Dating\SourceDates;
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

    /**
     * @param array{kind: string, typeWords?: string, value?: string, date?: string, place?: string, placeId?: string|null,
     *     denied?: bool, restriction?: string} $values
     */
    public function add(string $ownerColumn, string $ownerId, array $values): Event
    {
        try {
            $kind = EventKinds::named($values['kind']);
        } catch (UnknownEventKind $problem) {
            throw new Refusal($problem->getMessage());
        }
        if (! ($ownerColumn === 'union_id' ? $kind->ofUnion : $kind->ofPerson) && ! ($values['denied'] ?? false)) {
            throw new Refusal($ownerColumn === 'union_id' ? "{$kind->word} is a person's, not a couple's."
                : "{$kind->word} is a couple's: put it on the union.");
        }

        $event = Event::query()->create([
            $ownerColumn => $ownerId,
            'kind' => $kind->code,
            'position' => 1 + (int) Event::query()->where($ownerColumn, $ownerId)->max('position'),
            ...$this->columns($values, null),
        ]);
        $this->held->cite($event);

        return $event;
    }

    /**
     * @param array{kind?: string, typeWords?: string, value?: string, date?: string, place?: string, placeId?: string|null,
     *     denied?: bool, restriction?: string} $values
     */
    public function change(Event $event, int $versionRead, array $values): Event
    {
        ChangedMeanwhile::unless($event, $versionRead, $values);
        if (isset($values['date']) && trim($values['date']) === trim($event->date_typed)) {
            unset($values['date']);
        }
        $event->fill($this->columns($values, $event))->save();
        $this->dates->again($event);

        return $event;
    }

    public function delete(Change $change, Event $event): void
    {
        $change->deleteWhole($event);
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private function columns(array $values, ?Event $before): array
    {
        $columns = [];
        foreach (['typeWords' => 'type_words', 'value' => 'value', 'denied' => 'denied', 'place' => 'place_typed'] as $field => $column) {
            if (array_key_exists($field, $values)) {
                $columns[$column] = is_string($values[$field]) ? trim($values[$field]) : $values[$field];
            }
        }
        if (array_key_exists('restriction', $values)) {
            $columns['restriction'] = Restriction::fromStandard($values['restriction'])->words();
        }
        if (array_key_exists('placeId', $values)) {
            $columns['place_id'] = $values['placeId'] === null ? null : Place::query()->where('id', $values['placeId'])->firstOrFail()->id;
        } elseif (($columns['place_typed'] ?? $before?->place_typed) !== $before?->place_typed) {
            // Other words: what was said of the old ones no longer holds.
            $columns['place_id'] = null;
        }
        if (array_key_exists('date', $values) || isset($columns['place_typed'])) {
            $typed = (string) ($values['date'] ?? '');
            $standing = $this->places->understand($columns['place_typed'] ?? $before->place_typed ?? '', GenDate::parse($typed)->span());
            if (array_key_exists('date', $values)) {
                $columns['date'] = $this->dates->read($typed, $columns['place_id'] ?? $standing);
            }
        }

        return $columns;
    }
}
