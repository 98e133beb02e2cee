<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Event;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\UnknownEventKind;

/** Puts facts on people and couples, changes them, takes them away. Called inside an open change set. */
final readonly class Facts
{
    public function __construct(private Places $places)
    {
    }

    /** @param  array{kind: string, typeWords?: string, value?: string, date?: string, place?: string, denied?: bool}  $said */
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

        return Event::query()->create([
            $ownerColumn => $ownerId,
            'kind' => $kind->code,
            'position' => 1 + (int) Event::query()->where($ownerColumn, $ownerId)->max('position'),
            ...$this->columns($said),
        ]);
    }

    /** @param  array{kind?: string, typeWords?: string, value?: string, date?: string, place?: string, denied?: bool}  $said */
    public function change(Event $event, int $versionRead, array $said): Event
    {
        $columns = $this->columns($said);
        ChangedMeanwhile::unless($event, $versionRead, $said);
        if (isset($columns['date']) && $columns['date']->typed === $event->date_typed) {
            unset($columns['date']);
        }
        $event->fill($columns)->save();

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
    private function columns(array $said): array
    {
        $columns = [];
        foreach (['typeWords' => 'type_words', 'value' => 'value', 'denied' => 'denied'] as $field => $column) {
            if (array_key_exists($field, $said)) {
                $columns[$column] = is_string($said[$field]) ? trim($said[$field]) : $said[$field];
            }
        }
        if (array_key_exists('date', $said)) {
            $columns['date'] = GenDate::parse((string) $said['date']);
        }
        if (array_key_exists('place', $said)) {
            $columns['place_typed'] = trim((string) $said['place']);
            $columns['place_id'] = $this->places->resolve($columns['place_typed']);
        }

        return $columns;
    }
}
