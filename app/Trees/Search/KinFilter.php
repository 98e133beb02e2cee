<?php

declare(strict_types=1);

namespace App\Trees\Search;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;

/** Narrows lines of the index to the kin of somebody: by blood and the other ties of parents, and the partners of these. */
final readonly class KinFilter
{
    private const KIN = 'person_lines.person_id IN (
        WITH RECURSIVE above(id) AS (
            SELECT ?::uuid UNION
            SELECT p.person_id FROM above JOIN parent_sets s ON s.tree_id = ? AND s.child_id = above.id
            JOIN counted_parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id
        ),
        below(id) AS (
            SELECT id FROM above UNION
            SELECT s.child_id FROM below JOIN counted_parentages p ON p.tree_id = ? AND p.person_id = below.id
            JOIN parent_sets s ON s.tree_id = p.tree_id AND s.id = p.parent_set_id
        )
        SELECT id FROM below UNION
        SELECT other.person_id FROM below JOIN counted_partners own ON own.tree_id = ? AND own.person_id = below.id
        JOIN counted_partners other ON other.tree_id = own.tree_id AND other.union_id = own.union_id
    )';

    public function __construct(private CurrentTree $current)
    {
    }

    public function of(Builder $lines, string $personId): Builder
    {
        return $lines->whereRaw(self::KIN, [$personId, ...array_fill(0, 3, $this->current->id())]);
    }
}
