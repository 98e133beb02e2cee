<?php

declare(strict_types=1);

namespace App\Trees\Dating;

use App\Models\Event;
use App\Models\Record;
use App\Models\Source;
use App\Trees\Places\Gazetteers;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DatingSetting;
use NorthBough\Core\Chrono\GenDate;

/**
 * Reads dates as the source wrote them, else as the place did, else as the tree says. A date that came in a file names
 * its own calendar and is left alone.
 */
final readonly class SourceDates
{
    private const AT_ONCE = 500;

    public function __construct(private CurrentTree $current, private Gazetteers $gazetteers)
    {
    }

    public function read(string $typed, ?string $placeId): GenDate
    {
        return GenDate::parse($typed, $this->gazetteers->datingConvention($placeId));
    }

    /** How a page of a source writes its dates: as the source does, else as the place did. */
    public function reckoning(Source $source, ?string $placeId): DatingConvention
    {
        $ofPlace = $this->gazetteers->datingConvention($placeId);

        return $source->reckoning === null ? $ofPlace : DatingSetting::of($source->reckoning)->over($ofPlace);
    }

    /** Reads the date of one fact again, after what it is cited by or where it was has changed. */
    public function again(Event $event): void
    {
        if ($event->ordinal < 0 && $event->date_typed !== '') {
            $this->readAgain(Event::query()->where('id', $event->id));
        }
    }

    /**
     * Reads the dates of facts again that were typed here, and keeps what is now understood otherwise.
     *
     * @param  Builder<Event>  $facts
     * @return int how many dates are now understood otherwise
     */
    public function readAgain(Builder $facts): int
    {
        $changed = 0;
        $conventions = [];
        $facts->where('ordinal', '<', 0)->where('date_typed', '!=', '')
            ->chunkById(self::AT_ONCE, function ($events) use (&$changed, &$conventions): void {
                $standing = $this->standing(array_values($events->pluck('place_typed')->unique()->all()));
                $sources = $this->sources(array_values($events->pluck('id')->all()));
                foreach ($events as $event) {
                    $placeId = $event->place_id ?? $standing[$event->place_typed] ?? null;
                    $convention = $conventions[$placeId ?? ''] ??= $this->gazetteers->datingConvention($placeId);
                    $date = GenDate::parse($event->date_typed,
                        isset($sources[$event->id]) ? $sources[$event->id]->over($convention) : $convention);
                    // Assigning an equal date would count as a change.
                    if ($date != $event->date) {
                        $event->fill(['date' => $date])->save();
                        $changed++;
                    }
                }
            });

        return $changed;
    }

    /** Reads again what one record is cited for, where its source writes dates in its own way. */
    public function readAgainOf(Record $record): void
    {
        if (Source::query()->findOrFail($record->source_id)->reckoning !== null) {
            $this->readAgain(Event::query()
                ->whereIn('id', static fn (QueryBuilder $query) => $query->select('claims.event_id')->from('claims')
                    ->where('claims.tree_id', $record->tree_id)->where('claims.record_id', $record->id)->whereNotNull('claims.event_id')));
        }
    }

    /** Reads again whatever a source is cited for, after something was said of how it writes its dates. */
    public function readAgainFrom(Source $source): int
    {
        return $this->readAgain(Event::query()
            ->whereIn('id', static fn (QueryBuilder $query) => $query->select('claims.event_id')->from('claims')
                ->join('records', static fn ($join) => $join->on('records.tree_id', 'claims.tree_id')->on('records.id', 'claims.record_id'))
                ->where('claims.tree_id', $source->tree_id)->where('records.source_id', $source->id)->whereNotNull('claims.event_id')));
    }

    /**
     * @param  list<string>  $typed
     * @return array<string, string> place by words
     */
    private function standing(array $typed): array
    {
        return DB::table('place_wordings')->where('tree_id', $this->current->id())->whereIn('typed', $typed)->pluck('place_id', 'typed')
            ->all();
    }

    /**
     * @param  list<string>  $eventIds
     * @return array<string, DatingSetting> by fact: of the first source cited that says how it writes its dates
     */
    private function sources(array $eventIds): array
    {
        $rows = DB::table('claims')
            ->join('records', static fn ($join) => $join->on('records.tree_id', 'claims.tree_id')->on('records.id', 'claims.record_id'))
            ->join('sources', static fn ($join) => $join->on('sources.tree_id', 'records.tree_id')->on('sources.id', 'records.source_id'))
            ->where('claims.tree_id', $this->current->id())->whereIn('claims.event_id', $eventIds)->whereNotNull('sources.reckoning')
            ->orderBy('claims.ordinal')->orderBy('claims.id')->get(['claims.event_id', 'sources.reckoning']);
        $settings = [];
        foreach ($rows as $row) {
            $settings[$row->event_id] ??= DatingSetting::of(json_decode($row->reckoning, true, flags: JSON_THROW_ON_ERROR));
        }

        return $settings;
    }
}
