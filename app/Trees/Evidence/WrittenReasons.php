<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** The facts for whose standing somebody wrote a reason, in a decision or when the standing was changed. */
final readonly class WrittenReasons
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  list<string>  $factIds
     * @return array<string, true> by fact; those of which nobody wrote anything are missing
     */
    public function among(array $factIds): array
    {
        if ($factIds === []) {
            return [];
        }
        $rows = DB::select("SELECT events.id FROM events WHERE events.tree_id = ? AND events.id = ANY(?::uuid[]) AND (
                EXISTS (SELECT FROM questions WHERE questions.tree_id = events.tree_id AND questions.person_id = events.person_id
                AND questions.aspect = events.kind AND questions.state = 'decided' AND questions.reason <> '')
                OR EXISTS (SELECT FROM journal JOIN change_sets ON change_sets.tree_id = journal.tree_id
                AND change_sets.id = journal.change_set_id
                    WHERE journal.tree_id = events.tree_id AND journal.row_id = events.id AND journal.op = 'update'
                    AND journal.before->>'standing' IS NOT NULL AND change_sets.why <> ''))",
            [$this->current->id(), '{'.implode(',', $factIds).'}']);

        return array_fill_keys(array_column($rows, 'id'), true);
    }
}
