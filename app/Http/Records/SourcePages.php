<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Api\Cursor;
use App\Http\Exchange\Resources\KeptLinesResource;
use App\Http\Interpretation\Resources\DatingSettingResource;
use App\Http\People\FactResources;
use App\Http\People\Resources\NoteResource;
use App\Http\Records\Resources\RecordUse;
use App\Http\Records\Resources\RepositoryResource;
use App\Http\Records\Resources\SourcePage;
use App\Http\Records\Resources\SourceResource;
use App\Http\Records\Resources\SourcesPage;
use App\Models\Note;
use App\Models\Record;
use App\Models\Repository;
use App\Models\Source;
use App\Trees\Exchange\KeptLines;
use App\Trees\Kinds\TreeRecordKinds;
use App\Trees\Kinds\TreeSourceKinds;
use App\Trees\Scope\CurrentTree;
use App\Trees\Search\SearchWords;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Tree\CitedSource;

/** Sources in a list, and one source with everything that it supports. */
final readonly class SourcePages
{
    private const AT_ONCE = 100;

    public function __construct(
        private CurrentTree $current,
        private TreeRecordKinds $kinds,
        private TreeSourceKinds $sourceKinds,
        private CitedFacts $cited,
        private KeptLines $kept,
    ) {
    }

    public function index(string $typed, string $after): SourcesPage
    {
        $query = Source::query();
        foreach (SearchWords::of($typed) as $word) {
            $query->where('search', 'like', "%{$word}%");
        }
        $shown = (clone $query)->count();
        $key = Cursor::byWords($after);
        if ($key !== null) {
            $query->whereRaw('(search, id) > (?, ?)', $key);
        }
        $sources = $query->orderBy('search')->orderBy('id')->limit(self::AT_ONCE)->get();
        $last = $sources->count() === self::AT_ONCE ? $sources->last() : null;

        return new SourcesPage(
            $this->resources($sources),
            $last === null ? null : Cursor::of($last->search, $last->id),
            $shown, Source::query()->count(),
        );
    }

    public function one(Source $source): SourcePage
    {
        $records = Record::query()->where('source_id', $source->id)->orderBy('locator')->limit(500)->get();
        $facts = $this->cited->of(array_values($records->pluck('id')->all()));
        $lines = DB::table('roll_lines')
            ->leftJoin('placings', static fn ($join) => $join->on('placings.tree_id', 'roll_lines.tree_id')
                ->on('placings.roll_line_id', 'roll_lines.id')->whereIn('placings.state', ['placed', 'set aside']))
            ->where('roll_lines.tree_id', $this->current->id())->whereIn('roll_lines.record_id', $records->pluck('id'))
            ->groupBy('roll_lines.record_id')
            ->selectRaw('roll_lines.record_id, count(distinct roll_lines.id) AS lines,
                count(*) FILTER (WHERE placings.id IS NULL) AS unplaced')->get()->keyBy('record_id');

        return new SourcePage(
            $this->resources(collect([$source]))[0],
            array_values($records->map(fn (Record $record): RecordUse => new RecordUse(
                $record->id, $record->locator,
                $record->kind === '' && $record->record_kind_id === null ? '' : $this->kinds->of($record)->name,
                $record->date->shown, $record->place_typed, $lines[$record->id]->lines ?? 0, $lines[$record->id]->unplaced ?? 0,
                $facts[$record->id] ?? [],
            ))->all()),
            $this->notes('source_id', $source->id), $this->repository($source->repository_id),
            array_map(static fn (array $keptLines): KeptLinesResource => new KeptLinesResource($keptLines['words'], $keptLines['lines']),
                $this->kept->ofSource($source->id, $source->repository_id)),
        );
    }

    private function repository(?string $id): ?RepositoryResource
    {
        $row = $id === null ? null : Repository::query()->where('id', $id)->first();

        return $row === null ? null
            : new RepositoryResource($row->id, $row->version, $row->name, Source::query()->where('repository_id', $row->id)->count(),
                $this->notes('repository_id', $row->id));
    }

    /** @return list<NoteResource> as whoever asks may read them */
    private function notes(string $column, string $id): array
    {
        $rows = Note::query()->where($column, $id)->orderBy('ordinal')->orderBy('id')->get();

        return array_values(
            $rows->map(static fn (Note $row): NoteResource => new NoteResource($row->id, $row->version, $row->text, $row->is_research))
                ->all());
    }

    /**
     * @param  Collection<int, Source>  $sources
     * @return list<SourceResource>
     */
    private function resources(Collection $sources): array
    {
        $repositories = DB::table('repositories')->where('tree_id', $this->current->id())
            ->whereIn('id', $sources->pluck('repository_id')->filter())->pluck('name', 'id');
        $citations = DB::table('claims')
            ->join('records', static fn ($join) => $join->on('records.tree_id', 'claims.tree_id')->on('records.id', 'claims.record_id'))
            ->where('claims.tree_id', $this->current->id())->whereIn('records.source_id', $sources->pluck('id'))
            ->groupBy('records.source_id')->selectRaw('records.source_id, count(*) AS citations')->pluck('citations', 'source_id');

        return array_values($sources->map(function (Source $source) use ($repositories, $citations): SourceResource {
            $repository = (string) ($repositories[$source->repository_id] ?? '');
            $cited = new CitedSource($source->id, $source->title, $source->author, $source->publication, $repository,
                $this->sourceKinds->forms($source->kind, $source->source_kind_id, $source->fields, $repository));

            return new SourceResource(
                $source->id, $source->version, $cited->title, $cited->author, $cited->publication, $source->call_number, $repository,
                (int) ($citations[$source->id] ?? 0),
                FactResources::words(NoteForms::full($cited, '')), FactResources::words(NoteForms::short($cited, '')),
                FactResources::words(NoteForms::bibliography($cited)), DatingSettingResource::of($source->reckoning),
                $source->source_kind_id ?? $source->kind, (object) $source->fields, $source->list_name,
            );
        })->all());
    }
}
