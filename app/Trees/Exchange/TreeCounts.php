<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use Illuminate\Support\Facades\DB;

/** How much is in a tree, by the words of an import's report. */
final class TreeCounts
{
    private const TABLES = ['people' => 'people', 'families' => 'unions', 'events' => 'events', 'sources' => 'sources',
        'repositories' => 'repositories', 'records' => 'records', 'notes' => 'notes', 'media' => 'media'];

    /** @return array<string, int> */
    public static function of(string $treeId): array
    {
        return array_map(static fn (string $table): int => DB::table($table)->where('tree_id', $treeId)->count(), self::TABLES);
    }
}
