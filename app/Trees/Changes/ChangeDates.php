<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\Event;
use App\Models\Name;
use App\Models\ParentSet;
use App\Models\TreeModel;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * The records that a change set touched, directly or beneath them, so that each can carry its change date. The date
 * is journalled with the set and put back with it, but is no version: two people may change two facts of one person.
 */
final class ChangeDates
{
    public const COLUMN = 'changed_at';

    private const RECORDS = ['people', 'unions', 'sources', 'repositories'];

    private const OWNERS = [
        'person_id' => 'people', 'child_id' => 'people', 'union_id' => 'unions', 'source_id' => 'sources',
        'repository_id' => 'repositories',
    ];

    /** What hangs on something that is no record itself. */
    private const THROUGH = ['name_id' => Name::class, 'event_id' => Event::class, 'parent_set_id' => ParentSet::class];

    /** @var array<string, array<string, true>> table => ids */
    private array $touched = [];

    /** @var array<string, TreeModel> rows of this set, by id */
    private array $seen = [];

    public function by(TreeModel $row): void
    {
        $this->seen[$row->id] = $row;
        $table = $row->getTable();
        if (in_array($table, self::RECORDS, true)) {
            $this->touched[$table][$row->id] = true;
        }
        // A citation changes what it is put on, not the source that it names; a source does not change its repository.
        $owners = match ($table) {
            'claims', 'notes', 'kept' => array_diff_key(self::OWNERS, $table === 'claims' ? ['source_id' => 1] : []),
            'sources', 'repositories', 'records', 'places', 'imports', 'file_refs', 'parentages' => [],
            default => self::OWNERS,
        };
        foreach ($owners as $column => $ownerTable) {
            $id = $row->getAttribute($column);
            if (is_string($id)) {
                $this->touched[$ownerTable][$id] = true;
            }
        }
        foreach (self::THROUGH as $column => $class) {
            $id = $row->getAttribute($column);
            $through = is_string($id) ? $this->seen[$id] ?? $class::query()->where('id', $id)->first() : null;
            if ($through !== null) {
                $this->by($through);
            }
        }
    }

    /** @return list<array{string, string, string|null}> table, id and the date before, of those that are still there */
    public function stamp(string $treeId, Carbon $now): array
    {
        $before = [];
        foreach ($this->touched as $table => $ids) {
            $rows = DB::select(
                "UPDATE {$table} AS now SET changed_at = ? FROM (SELECT id, changed_at FROM {$table} WHERE tree_id = ?
                    AND id = ANY(?::uuid[]) FOR UPDATE) AS before
                 WHERE now.tree_id = ? AND now.id = before.id RETURNING now.id, before.changed_at",
                [$now, $treeId, '{'.implode(',', array_keys($ids)).'}', $treeId],
            );
            foreach ($rows as $row) {
                $before[] = [$table, $row->id, $row->changed_at];
            }
        }

        return $before;
    }
}
