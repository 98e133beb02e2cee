<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Trees\Changes\AuthoredTables;
use Illuminate\Support\Facades\DB;

/** The tree as it is stored. */
trait StoredRows
{
    /** @return array<string, array<int, array<string, mixed>>> every authored row of the tree, but for its version, which only rises */
    private function stored(): array
    {
        $stored = [];
        foreach (AuthoredTables::names() as $table) {
            $stored[$table] = DB::table($table)->where('tree_id', $this->tree->id)->orderBy('id')->get()
                ->map(static fn (\stdClass $row): array => array_diff_key((array) $row, ['version' => 1]))->all();
        }

        return array_filter($stored);
    }
}
