<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Trees\CurrentTree;
use Illuminate\Support\Facades\DB;

/** Whom change sets are about, by the rows that they wrote. */
final readonly class Whose
{
    /** A change of more rows than these is about the tree rather than about somebody. */
    private const FEW = 24;

    /** Tables of which a row is somebody's, and the column that says whose. */
    private const BY = ['names' => 'person_id', 'events' => 'person_id', 'union_partners' => 'person_id', 'notes' => 'person_id', 'tasks' => 'person_id', 'placings' => 'person_id', 'questions' => 'person_id', 'parent_sets' => 'child_id'];

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
        $entries = DB::table('journal')->where('tree_id', $tree)->whereIn('change_set_id', $ids)->whereNotNull('row_id')->orderBy('seq')->get(['change_set_id', 'table_name', 'row_id', 'op', 'before']);
        $owners = $this->owners(array_values($entries->pluck('row_id')->map(strval(...))->unique()->all()));
        $people = [];
        foreach ($entries as $entry) {
            $gone = $entry->op === 'delete' ? json_decode($entry->before, true, flags: JSON_THROW_ON_ERROR) : [];
            $owner = $entry->table_name === 'people' ? $entry->row_id : $owners[$entry->row_id] ?? $gone['person_id'] ?? $gone['child_id'] ?? null;
            if (is_string($owner)) {
                $people[$entry->change_set_id][$owner] = true;
            }
        }
        $names = DB::table('person_lines')->where('tree_id', $tree)->whereIn('person_id', array_merge([], ...array_map(array_keys(...), array_values($people))))->pluck('shown_name', 'person_id')->all();

        return array_map(static fn (array $of): array => array_values(array_intersect_key($names, $of)), $people);
    }

    /**
     * @param  list<string>  $rowIds
     * @return array<string, string> person by row
     */
    private function owners(array $rowIds): array
    {
        $tree = $this->current->id();
        $query = DB::table('claims')->join('events', static fn ($join) => $join->on('events.tree_id', 'claims.tree_id')->on('events.id', 'claims.event_id'))
            ->where('claims.tree_id', $tree)->whereIn('claims.id', $rowIds)->whereNotNull('events.person_id')->select(['claims.id', 'events.person_id as owner']);
        foreach (self::BY as $table => $column) {
            $query->unionAll(DB::table($table)->where('tree_id', $tree)->whereIn('id', $rowIds)->whereNotNull($column)->select(['id', "{$column} as owner"]));
        }

        return $query->pluck('owner', 'id')->all();
    }

    /**
     * One or two names, or one name and how many more; what a sentence names already is not said twice.
     *
     * @param  list<string>  $names
     */
    public static function said(array $names, string $sentence): string
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
