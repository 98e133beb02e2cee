<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Claim;
use App\Models\Person;
use App\Models\Place;
use App\Models\Placing;
use App\Models\Record;
use App\Models\RollLine;
use App\Models\Source;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Dating\SourceDates;
use App\Trees\Kinds\TreeRecordKinds;
use App\Trees\Kinds\TreeSourceKinds;
use Illuminate\Support\Str;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Record\RollLine as WrittenLine;
use NorthBough\Core\Record\TranscriptionMarks;

/** Enters records and their rolls as they are written. Called inside an open change set. */
final readonly class Rolls
{
    public const MOST_LINES = 2000;

    public function __construct(private SourceDates $dates, private Places $places, private TreeSourceKinds $kinds)
    {
    }

    public function begin(Source $source, string $kind, string $locator): Record
    {
        return Record::query()->create(['source_id' => $source->id, 'locator' => trim($locator), ...TreeRecordKinds::columns($kind)]);
    }

    /**
     * @param array{kind?: string, locator?: string, date?: string, place?: string, placeId?: string|null,
     *     fields?: array<string, string>, transcription?: string, fileNumber?: string, toldCount?: int|null,
     *     sourceClass?: string} $values
     */
    public function head(Record $record, array $values): void
    {
        $columns = isset($values['kind']) ? TreeRecordKinds::columns($values['kind']) : [];
        foreach (['locator' => 'locator', 'place' => 'place_typed', 'transcription' => 'transcription', 'fileNumber' => 'file_number',
            'sourceClass' => 'source_class'] as $field => $column) {
            if (isset($values[$field])) {
                $columns[$column] = trim((string) $values[$field]);
            }
        }
        if (isset($values['fields'])) {
            $columns['fields'] = array_filter($values['fields'], static fn (string $value): bool => $value !== '');
            $columns['locator'] = $this->locator($record, $columns);
        }
        if (array_key_exists('toldCount', $values)) {
            $columns['told_count'] = $values['toldCount'];
        }
        if (isset($values['date']) || isset($values['place'])) {
            $typed = $values['date'] ?? $record->date_typed ?? '';
            $standing = $this->places->understand($columns['place_typed'] ?? $record->place_typed ?? '', GenDate::parse($typed)->span());
            $columns['place_id'] = isset($values['placeId']) ? Place::query()->where('id', $values['placeId'])->firstOrFail()->id : null;
            $columns['date'] = GenDate::parse($typed,
                $this->dates->reckoning(Source::query()->findOrFail($record->source_id), $columns['place_id'] ?? $standing));
        }
        // What was taken in from it may say otherwise now.
        if (array_intersect_key($columns, ['transcription' => 0, 'date' => 0, 'place_typed' => 0, 'kind' => 0]) !== []
            && $this->isCommitted($record)) {
            $columns['look_again'] = true;
        }
        $record->fill($columns)->save();
    }

    /**
     * Where in the source: as somebody wrote it, else as the fields say that the kind of source asks.
     *
     * @param  array<string, mixed>  $columns
     */
    private function locator(Record $record, array $columns): string
    {
        $source = Source::query()->findOrFail($record->source_id);
        $kind = $this->kinds->of($source->kind, $source->source_kind_id);
        $written = (string) ($columns['locator'] ?? $record->locator);
        $composed = $kind?->locator(TreeSourceKinds::ofRecord($columns['fields'])) ?? '';
        $before = $kind?->locator(TreeSourceKinds::ofRecord($record->fields ?? [])) ?? '';

        return $composed !== '' && in_array($written, ['', $before], true) ? $composed : $written;
    }

    /**
     * Keeps the whole roll as it is on the page now: lines that are no longer there go, with their placings.
     *
     * @param  list<array{
     *     id: string, name: string, role?: string, columns?: array<string, string>, slip?: array<string, mixed>|null
     * }>  $lines
     */
    public function keep(Change $change, Record $record, array $lines): void
    {
        if (count($lines) > self::MOST_LINES) {
            throw new Refusal(self::tooLong());
        }
        $before = RollLine::query()->where('record_id', $record->id)->get()->keyBy('id');
        $isTakenIn = $this->isCommitted($record);
        $isChanged = false;
        foreach ($before->diffKeys(array_flip(array_column($lines, 'id'))) as $gone) {
            $change->deleteWhole($gone);
            $isChanged = true;
        }
        $span = $record->date->span();
        $read = TranscriptionMarks::settleAll(
            array_map(static fn (array $line): WrittenLine => new WrittenLine($line['id'], $line['name'], $line['role'] ?? '',
                $line['columns'] ?? []), $lines));
        foreach ($lines as $position => $line) {
            if (! Str::isUuid($line['id'])) {
                throw new Refusal('A line has no id.');
            }
            $line = ['name' => $read[$position]->name, 'columns' => $read[$position]->columns] + $line;
            $columns = [
                'position' => $position,
                'role' => trim($line['role'] ?? ''),
                'name_typed' => trim($line['name']),
                'search' => SearchForm::latin($line['name']),
                'columns' => array_filter(array_map(trim(...), $line['columns']), static fn (string $value): bool => $value !== ''),
                'slip' => $line['slip'] ?? null,
                'day_lo' => $span?->earliest, 'day_hi' => $span?->latest,
            ];
            $row = $before->get($line['id']);
            if ($row === null) {
                RollLine::query()->create(['id' => $line['id'], 'record_id' => $record->id, ...$columns]);
                $isChanged = true;

                continue;
            }
            $isChanged = $isChanged || $row->name_typed !== $columns['name_typed'] || $row->columns != $columns['columns']
                || $row->role !== $columns['role'];
            // JSON comes back from the database in an order of its own; an equal value is no change.
            $row->fill(array_filter($columns, static fn (mixed $value, string $column): bool => $row->{$column} != $value,
                ARRAY_FILTER_USE_BOTH))->save();
        }
        if ($isTakenIn && $isChanged && ! $record->look_again) {
            $record->fill(['look_again' => true])->save();
        }
    }

    /**
     * Lines for people who stand on the page and are known already; what is written of them is left to be read.
     *
     * @param  list<string>  $personIds
     *
     * @throws Refusal when one of them stands on the record already
     */
    public function addNamed(Record $record, array $personIds): void
    {
        $lines = RollLine::query()->where('record_id', $record->id);
        if ((clone $lines)->count() + count($personIds) > self::MOST_LINES) {
            throw new Refusal(self::tooLong());
        }
        $placed = Placing::query()->whereIn('roll_line_id', (clone $lines)->select('id'))->where('state', 'placed')->pluck('person_id')
            ->flip();
        $position = (int) $lines->max('position');
        $span = $record->date->span();
        foreach (array_unique($personIds) as $id) {
            if (isset($placed[$id])) {
                throw new Refusal('One of them stands on this record already. Leave them out, and call the others.', 409);
            }
            $line = RollLine::query()
                ->create(['record_id' => $record->id, 'position' => ++$position, 'columns' => [], 'day_lo' => $span?->earliest,
                    'day_hi' => $span?->latest]);
            Placing::query()
                ->create(['roll_line_id' => $line->id, 'person_id' => Person::query()->findOrFail($id)->id, 'state' => 'placed',
                    'reason' => '', 'entered_for' => $id]);
        }
    }

    public function isCommitted(Record $record): bool
    {
        return Placing::query()->whereIn('roll_line_id', RollLine::query()->where('record_id', $record->id)->select('id'))->exists()
            || Claim::query()->where('record_id', $record->id)->whereNotNull('roll_line_id')->exists();
    }

    private static function tooLong(): string
    {
        return 'A record holds '.self::MOST_LINES.' lines at most. Begin another for the next page.';
    }
}
