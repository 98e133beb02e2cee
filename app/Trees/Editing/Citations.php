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
use NorthBough\Core\Naming\SearchForm;

/** Describes sources and puts citations on facts. Called inside an open change set. */
final readonly class Citations
{
    public function __construct(private WrittenDates $dates)
    {
    }

    /** @param  array{title: string, author?: string, publication?: string, callNumber?: string, repository?: string}  $said */
    public function describe(array $said): Source
    {
        return Source::query()->create($this->columns($said));
    }

    /** @param  array{title: string, author?: string, publication?: string, callNumber?: string, repository?: string}  $said */
    public function change(Source $source, array $said): void
    {
        $source->fill($this->columns($said))->save();
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
     * @param  array<string, string>|null  $reckoning as SaidReckoning takes it
     * @return int how many dates are now understood otherwise
     */
    public function reckon(Source $source, ?array $reckoning): int
    {
        $source->fill(['reckoning' => $reckoning])->save();

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
     * @param  array<string, string>  $said
     * @return array<string, string|null>
     */
    private function columns(array $said): array
    {
        $columns = [
            'title' => trim($said['title'] ?? ''),
            'author' => trim($said['author'] ?? ''),
            'publication' => trim($said['publication'] ?? ''),
            'call_number' => trim($said['callNumber'] ?? ''),
        ];
        $repository = trim($said['repository'] ?? '');

        return [
            ...$columns,
            'search' => SearchForm::of(implode(' ', $columns)),
            'repository_id' => $repository === '' ? null : (Repository::query()->where('name', $repository)->first()
                ?? Repository::query()->create(['name' => $repository]))->id,
        ];
    }
}
