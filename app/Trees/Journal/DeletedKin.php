<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Parents, partners and children of somebody who were deleted, and can be restored with their ties. */
final readonly class DeletedKin
{
    private const FOUND = <<<'SQL'
        WITH kin (word, who, change_set_id) AS (
            SELECT CASE j.table_name WHEN 'parent_sets' THEN 'child' ELSE 'partner' END, coalesce(j.before->>'child_id',
            j.before->>'person_id'), j.change_set_id
            FROM journal j WHERE j.tree_id = :tree AND j.op = 'delete' AND j.table_name IN ('union_partners', 'parent_sets')
                AND j.before->>'union_id' IN (SELECT u.union_id::text FROM union_partners u WHERE u.tree_id = :tree
                AND u.person_id = :person)
            UNION
            SELECT 'parent', j.before->>'person_id', j.change_set_id
            FROM journal j WHERE j.tree_id = :tree AND j.op = 'delete' AND j.table_name = 'parentages'
                AND j.before->>'parent_set_id' IN (SELECT s.id::text FROM parent_sets s WHERE s.tree_id = :tree AND s.child_id = :person)
            UNION
            -- Parents that were of this one alone went with them.
            SELECT 'parent', j.before->>'person_id', j.change_set_id
            FROM journal mine JOIN journal j ON j.tree_id = mine.tree_id AND j.op = 'delete' AND j.table_name = 'parentages'
                AND j.before->>'parent_set_id' = mine.row_id::text AND j.change_set_id = mine.change_set_id
            WHERE mine.tree_id = :tree AND mine.op = 'delete' AND mine.table_name = 'parent_sets' AND mine.before->>'child_id' = :word
            UNION
            -- A union that was of these two alone went with the one.
            SELECT CASE j.table_name WHEN 'parent_sets' THEN 'child' ELSE 'partner' END, coalesce(j.before->>'child_id',
            j.before->>'person_id'), j.change_set_id
            FROM journal mine JOIN journal j ON j.tree_id = mine.tree_id AND j.op = 'delete' AND j.table_name IN ('union_partners',
            'parent_sets')
                AND j.before->>'union_id' = mine.before->>'union_id' AND j.change_set_id = mine.change_set_id AND j.id <> mine.id
            WHERE mine.tree_id = :tree AND mine.op = 'delete' AND mine.table_name = 'union_partners' AND mine.before->>'person_id' = :word
        )
        SELECT DISTINCT kin.word, gone.id AS entry_id, change_sets.made_at, gone.row_id AS person_id,
            (SELECT concat_ws(' ', nullif(n.before->>'given', ''), nullif(n.before->>'surname_prefix', ''), nullif(n.before->>'surname',
            '')) FROM journal n
                WHERE n.tree_id = :tree AND n.change_set_id = gone.change_set_id AND n.op = 'delete' AND n.table_name = 'names'
                AND n.before->>'person_id' = gone.row_id::text
                ORDER BY (n.before->>'position')::int, n.seq LIMIT 1) AS name
        FROM kin
        JOIN change_sets ON change_sets.tree_id = :tree AND change_sets.id = kin.change_set_id AND change_sets.undone_by IS NULL
        AND change_sets.kind <> 'undo'
        JOIN journal gone ON gone.tree_id = :tree AND gone.change_set_id = kin.change_set_id AND gone.op = 'delete'
        AND gone.table_name = 'people' AND gone.row_id::text = kin.who
        WHERE NOT EXISTS (SELECT FROM people WHERE people.tree_id = :tree AND people.id = gone.row_id)
        ORDER BY change_sets.made_at, gone.id
        SQL;

    public function __construct(private CurrentTree $current)
    {
    }

    /** @return list<DeletedRelative> */
    public function of(string $personId): array
    {
        return array_map(
            static fn (stdClass $row): DeletedRelative => new DeletedRelative($row->word, (string) $row->name, $row->made_at,
                (string) $row->entry_id),
            array_values(DB::select(self::FOUND, ['tree' => $this->current->id(), 'person' => $personId, 'word' => $personId])));
    }
}
