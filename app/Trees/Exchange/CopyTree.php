<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Jobs\MakePreviews;
use App\Models\Tree;
use App\Models\User;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/**
 * A tree once more, every row under the id that it has: the two can be compared row by row. It is there whole or not at
 * all; the journal of the first stays with the first.
 */
final readonly class CopyTree
{
    /** What of the tree itself is copied; its name, members and journal are its own. */
    private const SETTINGS = ['centre_person_id', 'next_number', 'people_count', 'dead_years_after_birth', 'dead_years_after_adult_event',
        'readers_see_living', 'reckoning', 'surname_custom', 'married_custom'];

    /** Worked out from the tree, and the same in a copy. */
    private const DERIVED = ['person_lines', 'couple_lines'];

    private const MANY = 1000;

    public function __construct(private CurrentTree $current, private ChangeSets $changes)
    {
    }

    /** @throws Cancelled when whoever asked for it no longer wants it */
    public function run(Tree $from, Tree $into, ?User $user, Progress $progress): void
    {
        Tree::query()->whereKey($from->id)->update(['busy_with' => 'Being copied']);
        try {
            $this->current->within($into, fn () => $this->changes->run(
                new Intent($user, "Copied from {$from->name}", '', ChangeMethod::Import),
                fn (Change $change) => $this->copy($change, $from, $into, $progress),
            ));
        } finally {
            Tree::query()->whereKey($from->id)->update(['busy_with' => null]);
        }
    }

    private function copy(Change $change, Tree $from, Tree $into, Progress $progress): void
    {
        // Whoever was in the middle of a change is waited for; nobody begins another before the copy stands.
        Tree::query()->whereKey($from->id)->lockForUpdate()->firstOrFail();
        DB::statement('SET LOCAL enable_seqscan = off');
        $tables = [...AuthoredTables::names(), ...self::DERIVED];
        foreach ($tables as $index => $table) {
            $progress->report(max(0, min(90, intdiv(90 * $index, count($tables)))), 'Copying '.str_replace('_', ' ', $table));
            $rows = $this->rows($table, $from->id, $into->id, $change->id);
            if ($rows > 0 && ! in_array($table, self::DERIVED, true)) {
                $change->bulk($table, $rows);
            }
            if ($rows > self::MANY) {
                // As in an import: or the foreign keys of what follows are checked as if this table were empty.
                DB::statement("ANALYZE {$table}");
            }
        }
        DB::statement('SET LOCAL enable_seqscan = on');
        $progress->report(92, 'Copying pictures');
        ArchivePictures::copy($from->id, $into->id);
        // Tiles are not copied: they are cut from the originals, as for any picture that comes in.
        foreach (DB::table('media')->where('tree_id', $into->id)->select(['sha256', 'type'])->distinct()->orderBy('sha256')
            ->cursor() as $file) {
            MakePreviews::ask($into->id, $file->sha256, $file->type);
        }
        DB::table('trees')->where('id', $into->id)
            ->update((array) DB::table('trees')->where('id', $from->id)->select(self::SETTINGS)->first());
    }

    private function rows(string $table, string $from, string $into, string $changeSet): int
    {
        $columns = DB::table('information_schema.columns')->where('table_name', $table)->where('table_schema', 'public')
            ->where('is_generated', 'NEVER')
            ->orderBy('ordinal_position')->pluck('column_name');
        $values = $columns->map(static fn (string $column): string => match ($column) {
            'tree_id' => ':into',
            'made_by' => ':change',
            default => "\"{$column}\"",
        });
        $bound = ['into' => $into, 'from' => $from] + ($columns->contains('made_by') ? ['change' => $changeSet] : []);

        return DB::affectingStatement(
            "INSERT INTO {$table} (\"{$columns->implode('", "')}\") SELECT {$values->implode(', ')} FROM {$table} WHERE tree_id = :from",
            $bound);
    }
}
