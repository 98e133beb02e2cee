<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Entries of the journal of a tree, each with its change set. */
final class JournalEntries
{
    public static function of(string $treeId): Builder
    {
        return DB::table('journal')
            ->join('change_sets', static fn ($join) => $join->on('change_sets.tree_id', 'journal.tree_id')
                ->on('change_sets.id', 'journal.change_set_id'))
            ->where('journal.tree_id', $treeId);
    }

    /** @return list<JournalEntry> in the order of the query */
    public static function read(Builder $entries): array
    {
        return array_values($entries->get(JournalEntry::COLUMNS)
            ->map(static fn (stdClass $row): JournalEntry => JournalEntry::read((array) $row))->all());
    }
}
