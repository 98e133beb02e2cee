<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Trees\Changes\JournalEntry;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What rows refer to by the keys of the database, and whether that is there. */
final class References
{
    /** @var array<string, list<array{column: string, table: string, is_needed: bool}>> by table */
    private array $known = [];

    public function __construct(private readonly CurrentTree $current)
    {
    }

    /**
     * @param  list<JournalEntry>  $gone  deletions, each of a whole row
     * @return array<string, true> ids of whatever they refer to that is there, and their own
     */
    public function standing(array $gone): array
    {
        $asked = [];
        foreach ($gone as $entry) {
            foreach ($this->of($entry->table) as $reference) {
                $id = $entry->before[$reference['column']] ?? null;
                if (is_string($id)) {
                    $asked[$reference['table']][] = $id;
                }
            }
        }
        $standing = array_fill_keys(array_column($gone, 'rowId'), true);
        foreach ($asked as $table => $ids) {
            $query = DB::table($table)->whereIn('id', $ids);
            $standing += array_fill_keys(($table === 'users' ? $query : $query->where('tree_id', $this->current->id()))->pluck('id')
                ->all(), true);
        }

        return $standing;
    }

    /**
     * A row without what it can do without; null where it cannot be, because what it needs is gone.
     *
     * @param  array<string, mixed>  $row
     * @param  array<string, true>  $standing
     * @return array<string, mixed>|null
     */
    public function mended(string $table, array $row, array $standing): ?array
    {
        foreach ($this->of($table) as ['column' => $column, 'is_needed' => $isNeeded]) {
            $id = $row[$column] ?? null;
            if (is_string($id) && ! isset($standing[$id])) {
                if ($isNeeded || in_array($column, DeletedGraph::hangsBy($table), true)) {
                    return null;
                }
                $row[$column] = null;
            }
        }

        return $row;
    }

    /** @return list<array{column: string, table: string, is_needed: bool}> */
    private function of(string $table): array
    {
        return $this->known[$table] ??= array_values(
            array_map(static fn (stdClass $row): array => ['column' => $row->column_name, 'table' => $row->to_table,
                'is_needed' => $row->is_needed], DB::select(
                    "SELECT a.attname AS column_name, c.confrelid::regclass::text AS to_table, a.attnotnull AS is_needed
             FROM pg_constraint c CROSS JOIN LATERAL unnest(c.conkey) AS k(attnum) JOIN pg_attribute a ON a.attrelid = c.conrelid
             AND a.attnum = k.attnum
             WHERE c.contype = 'f' AND c.conrelid = ?::regclass AND a.attname NOT IN ('tree_id', 'made_by')", [$table])));
    }
}
