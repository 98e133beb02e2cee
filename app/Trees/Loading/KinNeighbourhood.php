<?php

declare(strict_types=1);

namespace App\Trees\Loading;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Tree\Snapshot;

/**
 * What the kinship of some people is worked out from: whoever is above them, above their partners and above the partners
 * of their parents, found in one query however old the tree, and the unions of those nearest.
 */
final readonly class KinNeighbourhood
{
    /**
     * The people asked for, their partners, their parents and the partners of these; then all above them. Of whoever is a
     * child of a partner more is told: a step-parent of somebody far above is one only if they came later.
     */
    private const ABOVE = 'WITH RECURSIVE asked AS (SELECT unnest(?::uuid[]) AS id),
        parents AS (
            SELECT p.person_id AS id FROM asked JOIN parent_sets s ON s.tree_id = ? AND s.child_id = asked.id
            JOIN parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id
        ),
        near AS (SELECT id FROM asked UNION SELECT id FROM parents),
        mates AS (
            SELECT other.person_id AS id FROM near JOIN counted_partners own ON own.tree_id = ? AND own.person_id = near.id
            JOIN counted_partners other ON other.tree_id = own.tree_id AND other.union_id = own.union_id
        ),
        partners AS (
            SELECT other.person_id AS id FROM asked JOIN counted_partners own ON own.tree_id = ? AND own.person_id = asked.id
            JOIN counted_partners other ON other.tree_id = own.tree_id AND other.union_id = own.union_id
        ),
        stepchildren AS (
            SELECT s.child_id AS id FROM partners JOIN parentages p ON p.tree_id = ? AND p.person_id = partners.id
            JOIN parent_sets s ON s.tree_id = p.tree_id AND s.id = p.parent_set_id
        ),
        above(id) AS (
            SELECT id FROM near UNION SELECT id FROM mates
            UNION
            SELECT p.person_id FROM above JOIN parent_sets s ON s.tree_id = ? AND s.child_id = above.id
            JOIN parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id
        )
        SELECT above.id, above.id IN (SELECT id FROM near UNION SELECT id FROM mates UNION SELECT id FROM stepchildren) AS is_near,
            CASE WHEN above.id IN (SELECT id FROM near) THEN (
                SELECT string_agg(union_id::text, \' \' ORDER BY position, id)
                FROM counted_partners WHERE tree_id = ? AND person_id = above.id
            ) END AS unions
        FROM above';

    public function __construct(private CurrentTree $current, private DatabaseTree $tree)
    {
    }

    /** @param  list<string>  $personIds */
    public function of(array $personIds): Snapshot
    {
        $treeId = $this->current->id();
        $above = collect(DB::select(self::ABOVE, ['{'.implode(',', $personIds).'}', ...array_fill(0, 6, $treeId)]));
        $unionIds = array_filter(explode(' ', $above->pluck('unions')->filter()->implode(' ')));

        return new Snapshot(
            array_values($this->tree->lives(array_values($above->where('is_near', true)->pluck('id')->all()))),
            array_values($this->tree->unions(array_values(array_unique($unionIds)), [])),
            array_merge([], ...array_values($this->tree->parentSets(array_values($above->pluck('id')->all())))),
        );
    }
}
