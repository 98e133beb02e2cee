<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Access\LivingPeople;
use App\Trees\Scope\CurrentTree;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Edition\Labels;
use NorthBough\Core\Gedcom\Out\LineWriter;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Privacy\ShieldedTree;
use stdClass;

/** Lines that were kept of files, in words, beside what they belong to. What they point at is told by name. */
final readonly class KeptLines
{
    public function __construct(private CurrentTree $current, private LivingPeople $living)
    {
    }

    /**
     * What belongs to a person and to the facts of their page: on the person, their names, their ties and couples; on the
     * facts, and on the citations of each.
     *
     * @param  list<string>  $nameIds
     * @param  list<string>  $eventIds
     * @param  list<string>  $unionIds
     * @return array<string, list<array{words: string, lines: string}>> by the person or the fact, in the order of the file
     */
    public function ofPerson(string $personId, array $nameIds, array $eventIds, array $unionIds): array
    {
        // Somebody who is withheld has a name without an id.
        [$nameIds, $eventIds] = [array_values(array_filter($nameIds)), array_values(array_filter($eventIds))];
        $claims = fn (string $column, array $ids, string $owner): Builder => $this->rows()
            ->join('claims', static fn ($join) => $join->on('claims.tree_id', 'kept.tree_id')->on('claims.id', 'kept.claim_id'))
            ->whereIn("claims.{$column}", $ids)
            ->selectRaw("{$owner} AS owner, 'Citation' AS label, kept.ordinal, kept.id, kept.lines, kept.path, kept.import_id",
                $owner === '?::uuid' ? [$personId] : []);
        $on = fn (string $column, Closure $narrow, string $label): Builder => $narrow($this->rows())
            ->selectRaw('?::uuid AS owner, ? AS label, kept.ordinal, kept.id, kept.lines, kept.path, kept.import_id', [$personId, $label]);
        $rows = $on('person_id', static fn (Builder $q) => $q->where('kept.person_id', $personId), '')
            ->unionAll($on('name_id', static fn (Builder $q) => $q->whereIn('kept.name_id', $nameIds), 'Name'))
            ->unionAll($on('union_id', static fn (Builder $q) => $q->whereIn('kept.union_id', $unionIds), 'Couple'))
            ->unionAll($on('parent_set_id',
                fn (Builder $q) => $q->whereIn('kept.parent_set_id', $this->tied('parent_sets', 'child_id', $personId)), 'Parents'))
            ->unionAll($on('union_partner_id',
                fn (Builder $q) => $q->whereIn('kept.union_partner_id', $this->tied('union_partners', 'person_id', $personId)), 'Partner'))
            ->unionAll($this->rows()->whereIn('kept.event_id', $eventIds)
                ->selectRaw("kept.event_id AS owner, '' AS label, kept.ordinal, kept.id, kept.lines, kept.path, kept.import_id"))
            ->unionAll($claims('event_id', $eventIds, 'claims.event_id'))
            ->unionAll($claims('name_id', $nameIds, '?::uuid'))
            ->unionAll($claims('person_id', [$personId], '?::uuid'));

        $lines = $this->inWords($rows->orderBy('ordinal')->orderBy('id')->get());
        $ofNames = $this->ofNames($nameIds);

        return $ofNames === [] ? $lines : [$personId => [...$ofNames, ...$lines[$personId] ?? []]] + $lines;
    }

    /**
     * Notes and citations of names, which have no place of their own on the page.
     *
     * @param  list<string>  $nameIds
     * @return list<array{words: string, lines: string}>
     */
    private function ofNames(array $nameIds): array
    {
        $notes = DB::table('notes')->where('tree_id', $this->current->id())->whereIn('name_id', $nameIds)->orderBy('ordinal')->orderBy('id')
            ->pluck('text');
        $cited = DB::table('claims')
            ->join('records', static fn ($join) => $join->on('records.tree_id', 'claims.tree_id')->on('records.id', 'claims.record_id'))
            ->join('sources', static fn ($join) => $join->on('sources.tree_id', 'records.tree_id')->on('sources.id', 'records.source_id'))
            ->where('claims.tree_id', $this->current->id())->whereIn('claims.name_id', $nameIds)->orderBy('claims.id')
            ->get(['sources.title', 'records.locator', 'claims.words']);

        return [
            ...array_map(static fn (string $text): array => ['words' => "Name, note: {$text}", 'lines' => ''], array_values($notes->all())),
            ...array_map(static fn (stdClass $row): array => ['words' => 'Name, cited: '.trim("{$row->title}, {$row->locator}", ', ')
                .($row->words === '' ? '' : ", “{$row->words}”"),
                'lines' => ''], array_values($cited->all())),
        ];
    }

    /** @return list<array{words: string, lines: string}> of a source and of where it is held */
    public function ofSource(string $sourceId, ?string $repositoryId): array
    {
        $rows = $this->rows()->where('kept.source_id', $sourceId)
            ->selectRaw("?::uuid AS owner, '' AS label, kept.ordinal, kept.id, kept.lines, kept.path, kept.import_id", [$sourceId])
            ->unionAll($this->rows()->where('kept.repository_id', $repositoryId)
                ->selectRaw("?::uuid AS owner, 'Held by' AS label, kept.ordinal, kept.id, kept.lines, kept.path, kept.import_id",
                    [$sourceId]));

        return $this->inWords($rows->orderBy('label')->orderBy('ordinal')->orderBy('id')->get())[$sourceId] ?? [];
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return array<string, list<array{words: string, lines: string}>>
     */
    private function inWords(Collection $rows): array
    {
        $names = $this->pointedAt($rows);
        $lines = [];
        foreach ($rows as $row) {
            $structure = LineWriter::restore($row->lines);
            $words = Labels::words($structure,
                static fn (Structure $line): string => $names["{$row->import_id} {$line->payload}"] ?? $line->payload);
            $labels = array_filter(
                [$row->label, ...array_map(Labels::of(...),
                    array_filter(explode('/', str_replace(['person', 'family'], '', $row->path)),
                        static fn (string $tag): bool => $tag !== '' && $tag !== 'REPO'))]);
            $lines[$row->owner][] = ['words' => implode(', ', [...$labels, $labels === [] ? $words : lcfirst($words)]),
                'lines' => $row->lines];
        }

        return $lines;
    }

    /**
     * What the lines point at: people by name, sources by title, shared notes by their words.
     *
     * @param  Collection<int, stdClass>  $rows
     * @return array<string, string> by import and pointer
     */
    private function pointedAt(Collection $rows): array
    {
        preg_match_all('/ (@[^@\n]+@)$/m', $rows->pluck('lines')->implode("\n"), $m);
        $pointers = array_values(array_unique($m[1]));
        if ($pointers === []) {
            return [];
        }
        $shielded = $this->living->isShielding();
        $names = [];
        $refs = DB::table('file_refs')->where('file_refs.tree_id', $this->current->id())->whereIn('file_refs.pointer', $pointers)
            ->whereIn('file_refs.import_id', $rows->pluck('import_id')->unique())
            ->leftJoin('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'file_refs.tree_id')
                ->on('person_lines.person_id', 'file_refs.person_id'))
            ->leftJoin('sources', static fn ($join) => $join->on('sources.tree_id', 'file_refs.tree_id')
                ->on('sources.id', 'file_refs.source_id'))
            ->leftJoin('repositories', static fn ($join) => $join->on('repositories.tree_id', 'file_refs.tree_id')
                ->on('repositories.id', 'file_refs.repository_id'))
            ->get(['file_refs.import_id', 'file_refs.pointer', 'file_refs.person_id', 'person_lines.shown_name', 'sources.title',
                'repositories.name']);
        $living = $shielded ? array_flip($this->living->among(array_values($refs->pluck('person_id')->filter()->all()))) : [];
        foreach ($refs as $ref) {
            $names["{$ref->import_id} {$ref->pointer}"] = isset($living[$ref->person_id]) ? ShieldedTree::WORD
                : (string) ($ref->shown_name ?? $ref->title ?? $ref->name ?? $ref->pointer);
        }
        foreach ($this->rows()->whereIn('pointer', $pointers)->whereIn('import_id', $rows->pluck('import_id')->unique())
            ->get(['import_id', 'pointer', 'lines']) as $record) {
            $names["{$record->import_id} {$record->pointer}"] = Labels::record(LineWriter::restore($record->lines));
        }

        return $names;
    }

    private function tied(string $table, string $column, string $personId): Builder
    {
        return DB::table($table)->where('tree_id', $this->current->id())->where($column, $personId)->select('id');
    }

    private function rows(): Builder
    {
        return DB::table('kept')->where('kept.tree_id', $this->current->id());
    }
}
