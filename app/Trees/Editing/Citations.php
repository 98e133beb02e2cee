<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Record;
use App\Models\Repository;
use App\Models\Source;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Dating\SourceDates;
use App\Trees\Kinds\TreeSourceKinds;
use NorthBough\Core\Citation\NotePattern;
use NorthBough\Core\Citation\PastedWords;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Naming\SearchForm;

/** Describes sources and puts citations on facts. Called inside an open change set. */
final readonly class Citations
{
    public function __construct(private SourceDates $dates, private TreeSourceKinds $kinds)
    {
    }

    /**
     * @param array{title?: string, author?: string, publication?: string, callNumber?: string, repository?: string,
     *     kind?: string, fields?: array<string, string>, listName?: string} $values
     */
    public function describe(array $values): Source
    {
        return Source::query()->create($this->columns($values));
    }

    /**
     * @param array{title?: string, author?: string, publication?: string, callNumber?: string, repository?: string,
     *     kind?: string, fields?: array<string, string>, listName?: string} $values
     */
    public function change(Source $source, array $values): void
    {
        $source->fill($this->columns($values))->save();
    }

    public function uncite(Change $change, Claim $claim): void
    {
        $event = $claim->event_id === null ? null : Event::query()->findOrFail($claim->event_id);
        $change->deleteWhole($claim);
        if ($event !== null) {
            $this->dates->again($event);
        }
    }

    /**
     * Says how a source writes its dates, and reads again what it is cited for.
     *
     * @param  array<string, string>|null  $convention as DatingSetting takes it
     * @return int how many dates are now understood otherwise
     */
    public function reckon(Source $source, ?array $convention): int
    {
        $source->fill(['reckoning' => $convention])->save();

        return $this->dates->readAgainFrom($source);
    }

    /** The record for a page of a source is made once and cited as often as wanted. */
    public function cite(string $column, string $id, Source $source, string $locator, string $words): Claim
    {
        $locator = trim($locator);
        $record = Record::query()->where('source_id', $source->id)->where('locator', $locator)->first()
            ?? Record::query()->create(['source_id' => $source->id, 'locator' => $locator]);
        $cited = Claim::query()->where('record_id', $record->id)->where($column, $id)->first();
        if ($cited !== null && $cited->words === trim($words)) {
            throw new Refusal('This fact is cited to that page already.', 409);
        }

        $claim = Claim::query()->create(['record_id' => $record->id, $column => $id, 'words' => trim($words)]);
        if ($column === 'event_id' && $source->reckoning !== null) {
            $this->dates->again(Event::query()->findOrFail($id));
        }

        return $claim;
    }

    /**
     * @param array{title?: string, author?: string, publication?: string, callNumber?: string, repository?: string, kind?: string,
     *     fields?: array<string, string>, listName?: string} $values
     * @return array<string, mixed>
     */
    private function columns(array $values): array
    {
        $kind = ($values['kind'] ?? '') === '' ? null
            : $this->kinds->named($values['kind']) ?? throw new Refusal('There is no such kind of source here.');
        $fields = array_filter(array_map(PastedWords::clean(...), $values['fields'] ?? []),
            static fn (string $value): bool => $value !== '');
        $columns = [
            'title' => trim($values['title'] ?? ''),
            'author' => trim($values['author'] ?? ''),
            'publication' => trim($values['publication'] ?? ''),
            'call_number' => trim($values['callNumber'] ?? ''),
        ];
        $repository = trim($values['repository'] ?? '');
        if ($kind !== null) {
            // What the fields say to the standard is kept beside them: by it a source is found, sorted and written to a file.
            $columns = ['title' => $kind->value('TITL', $fields), 'author' => $kind->value('AUTH', $fields),
                'publication' => $kind->value('PUBL', $fields), 'call_number' => $kind->value('CALN', $fields)];
            $repository = $kind->value('REPO', $fields);
            $columns['title'] = $columns['title'] !== '' ? $columns['title']
                : rtrim(implode('',
                    array_map(static fn (StyledWords $words): string => $words->text, NotePattern::parse($kind->short)
                        ->set($fields))), '.');
        }
        if ($columns['title'] === '') {
            throw new Refusal('A source needs a title, its own or one that you give it.');
        }

        return [
            ...$columns,
            ...TreeSourceKinds::columns($kind),
            'fields' => $fields,
            'list_name' => trim($values['listName'] ?? ''),
            'search' => SearchForm::of(implode(' ', [...$columns, ...array_values($fields), trim($values['listName'] ?? '')])),
            'repository_id' => $repository === '' ? null : (Repository::query()->where('name', $repository)->first()
                ?? Repository::query()->create(['name' => $repository]))->id,
        ];
    }
}
