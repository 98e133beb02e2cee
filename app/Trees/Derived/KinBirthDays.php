<?php

declare(strict_types=1);

namespace App\Trees\Derived;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Life\KinBirthBounds;

/** What the index knows of the births of children and the deaths of mothers, for the days that bound a life. */
final readonly class KinBirthDays
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * Days of their kin by birth from which those of some people follow.
     *
     * @param  list<string>  $personIds
     * @return array<string, KinBirthBounds> by person; whoever has no such kin is missing
     */
    public function around(array $personIds): array
    {
        $mothers = $this->birthTies()
            ->join('person_lines AS mother', static fn ($join) => $join->on('mother.tree_id', 'parentages.tree_id')
                ->on('mother.person_id', 'parentages.person_id'))
            ->whereIn('parent_sets.child_id', $personIds)->where('mother.sex', 'F')->whereNotNull('mother.died_by')
            ->selectRaw("parent_sets.child_id AS whose, mother.died_by AS day, 'mother' AS who");
        $parents = $this->birthTies()
            ->join('person_lines AS parent', static fn ($join) => $join->on('parent.tree_id', 'parentages.tree_id')
                ->on('parent.person_id', 'parentages.person_id'))
            ->whereIn('parent_sets.child_id', $personIds)->whereNotNull('parent.born_from')
            ->selectRaw("parent_sets.child_id AS whose, parent.born_from AS day, 'parent' AS who");
        $rows = $this->birthTies()
            ->join('person_lines AS child', static fn ($join) => $join->on('child.tree_id', 'parent_sets.tree_id')
                ->on('child.person_id', 'parent_sets.child_id'))
            ->whereIn('parentages.person_id', $personIds)->whereNotNull('child.born_by')
            ->selectRaw("parentages.person_id AS whose, child.born_by AS day, 'child' AS who")->unionAll($mothers)->unionAll($parents)
            ->get();
        $days = [];
        foreach ($rows as $row) {
            $days[$row->whose][$row->who][] = (int) $row->day;
        }

        return array_map(
            static fn (array $of): KinBirthBounds => KinBirthBounds::of($of['child'] ?? [], $of['mother'] ?? [],
                $of['parent'] ?? []), $days);
    }

    /**
     * Parents and children by birth, whose days may follow from those of these people.
     *
     * @param  list<string>  $personIds
     * @return list<string>
     */
    public function kinOf(array $personIds): array
    {
        $parents = $this->birthTies()->whereIn('parent_sets.child_id', $personIds)->pluck('parentages.person_id');
        $children = $this->birthTies()->whereIn('parentages.person_id', $personIds)->pluck('parent_sets.child_id');

        return array_values($parents->merge($children)->unique()->all());
    }

    /**
     * Those whose days, worked out from their own events alone, may be moved by those of their kin.
     *
     * @return list<string>
     */
    public function movedByKin(): array
    {
        return array_column(DB::select(
            "SELECT DISTINCT own.person_id FROM person_lines own
             JOIN parentages p ON p.tree_id = own.tree_id AND p.person_id = own.person_id AND p.kind = 'birth'
             JOIN parent_sets s ON s.tree_id = p.tree_id AND s.id = p.parent_set_id
             JOIN person_lines child ON child.tree_id = s.tree_id AND child.person_id = s.child_id
             WHERE own.tree_id = ? AND (child.born_by < own.born_by OR own.born_by IS NULL OR own.dead_from IS NULL)
             UNION
             SELECT child.person_id FROM person_lines mother
             JOIN parentages p ON p.tree_id = mother.tree_id AND p.person_id = mother.person_id AND p.kind = 'birth'
             JOIN parent_sets s ON s.tree_id = p.tree_id AND s.id = p.parent_set_id
             JOIN person_lines child ON child.tree_id = s.tree_id AND child.person_id = s.child_id
             WHERE mother.tree_id = ? AND mother.sex = 'F' AND (mother.died_by < child.born_by OR child.born_by IS NULL)
             UNION
             SELECT child.person_id FROM person_lines parent
             JOIN parentages p ON p.tree_id = parent.tree_id AND p.person_id = parent.person_id AND p.kind = 'birth'
             JOIN parent_sets s ON s.tree_id = p.tree_id AND s.id = p.parent_set_id
             JOIN person_lines child ON child.tree_id = s.tree_id AND child.person_id = s.child_id
             WHERE parent.tree_id = ? AND parent.born_from > child.born_by",
            [$this->current->id(), $this->current->id(), $this->current->id()],
        ), 'person_id');
    }

    private function birthTies(): Builder
    {
        return DB::table('counted_parentages AS parentages')->where('parentages.tree_id', $this->current->id())
            ->where('parentages.kind', 'birth')
            ->where('parentages.standing', '<>', 'rival')
            ->join('parent_sets', static fn ($join) => $join->on('parent_sets.tree_id', 'parentages.tree_id')
                ->on('parent_sets.id', 'parentages.parent_set_id'));
    }
}
