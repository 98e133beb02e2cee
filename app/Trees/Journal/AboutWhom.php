<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Trees\Changes\JournalEntry;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** The people whom change sets are about, by the rows that they wrote. */
final readonly class AboutWhom
{
    /** A change of more rows than these is about the tree rather than about somebody. */
    private const FEW = 24;

    /** Tables of which a row is somebody's, and the column that says whose. */
    private const BY = ['names' => 'person_id', 'events' => 'person_id', 'union_partners' => 'person_id', 'notes' => 'person_id',
        'tasks' => 'person_id', 'placings' => 'person_id', 'questions' => 'person_id', 'parent_sets' => 'child_id'];

    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  array<string, int>  $rows  how many rows each change set wrote, by its id
     * @return array<string, list<string>> names, by change set; whatever is nobody's is missing
     */
    public function names(array $rows): array
    {
        $ids = array_keys(array_filter($rows, static fn (int $count): bool => $count <= self::FEW));
        $tree = $this->current->id();
        $entries = DB::table('journal')->where('tree_id', $tree)->whereIn('change_set_id', $ids)->whereNotNull('row_id')->orderBy('seq')
            ->get(['change_set_id', 'table_name', 'row_id', 'op', 'before']);
        $owners = $this->owners(array_values($entries->pluck('row_id')->map(strval(...))->unique()->all()));
        $people = [];
        foreach ($entries as $entry) {
            $gone = $entry->op === 'delete' ? json_decode($entry->before, true, flags: JSON_THROW_ON_ERROR) : [];
            $owner = $entry->table_name === 'people' ? $entry->row_id
                : $owners[$entry->row_id] ?? $gone['person_id'] ?? $gone['child_id'] ?? null;
            if (is_string($owner)) {
                $people[$entry->change_set_id][$owner] = true;
            }
        }
        $names = DB::table('person_lines')->where('tree_id', $tree)
            ->whereIn('person_id', array_merge([], ...array_map(array_keys(...), array_values($people))))->pluck('shown_name', 'person_id')
            ->all();

        return array_map(static fn (array $of): array => array_values(array_intersect_key($names, $of)), $people);
    }

    /**
     * Whose rows were that are gone: of a person, of a couple, or of the fact that a citation stood on.
     *
     * @param  list<JournalEntry>  $entries  deletions
     * @return array<string, string> names by row; what is nobody's is missing
     */
    public function ofDeleted(array $entries): array
    {
        $tree = $this->current->id();
        $rows = array_column($entries, 'before', 'rowId');
        $tables = array_column($entries, 'table', 'rowId');
        $ofFacts = DB::table('events')->where('tree_id', $tree)->whereIn('id', array_values(array_filter(array_column($rows, 'event_id'))))
            ->get(['id', 'person_id', 'union_id'])->keyBy('id');
        $unions = array_values(array_filter([...array_column($rows, 'union_id'), ...$ofFacts->pluck('union_id')->all()]));
        $partners = DB::table('union_partners')->where('tree_id', $tree)->whereIn('union_id', $unions)->orderBy('slot')
            ->get(['union_id', 'person_id'])->groupBy('union_id');
        $owners = [];
        foreach ($rows as $id => $row) {
            $fact = $ofFacts[$row['event_id'] ?? ''] ?? null;
            $person = $row['person_id'] ?? $row['child_id'] ?? $fact->person_id ?? null;
            $union = $row['union_id'] ?? $fact->union_id ?? null;
            $owners[$id] = match (true) {
                in_array($tables[$id], ['people', 'media', 'sources', 'places'], true) => [],
                $person !== null => [$person],
                $union !== null => ($partners[$union] ?? collect())->pluck('person_id')->all(),
                default => [],
            };
        }
        $names = DB::table('person_lines')->where('tree_id', $tree)
            ->whereIn('person_id', array_unique(array_merge([], ...array_values($owners))))->pluck('shown_name', 'person_id')->all();

        return array_filter(
            array_map(static fn (array $of): string => implode(' and ',
                array_filter(array_map(static fn (string $id): string => $names[$id] ?? '', $of))), $owners),
            static fn (string $sql): bool => $sql !== '');
    }

    /**
     * @param  list<string>  $rowIds
     * @return array<string, string> person by row
     */
    private function owners(array $rowIds): array
    {
        $tree = $this->current->id();
        $query = DB::table('claims')
            ->join('events', static fn ($join) => $join->on('events.tree_id', 'claims.tree_id')->on('events.id', 'claims.event_id'))
            ->where('claims.tree_id', $tree)->whereIn('claims.id', $rowIds)->whereNotNull('events.person_id')
            ->select(['claims.id', 'events.person_id as owner']);
        foreach (self::BY as $table => $column) {
            $query->unionAll(DB::table($table)->where('tree_id', $tree)->whereIn('id', $rowIds)->whereNotNull($column)
                ->select(['id', "{$column} as owner"]));
        }

        return $query->pluck('owner', 'id')->all();
    }

    /**
     * One or two names, or one name and how many more; what a sentence names already is not said twice.
     *
     * @param  list<string>  $names
     */
    public static function withNames(array $names, string $sentence): string
    {
        $names = array_values(array_filter($names, static fn (string $name): bool => ! str_contains($sentence, $name)));

        return match (count($names)) {
            0 => '',
            1 => $names[0],
            2 => "{$names[0]} and {$names[1]}",
            default => "{$names[0]} and ".(count($names) - 1).' more',
        };
    }
}
