<?php

declare(strict_types=1);

namespace App\Http\Doubles;

use App\Http\Doubles\Resources\DoubleKinResource;
use App\Http\Doubles\Resources\JoinPlanPage;
use App\Http\Doubles\Resources\JoinResource;
use App\Http\Doubles\Resources\PlannedValueResource;
use App\Http\Doubles\Resources\RowSinceResource;
use App\Http\Research\SearchRows;
use App\Models\Join;
use App\Trees\Changes\JournalEntries;
use App\Trees\Joins\MadeSince;
use App\Trees\Joins\RowSince;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Join\DoubleKin;
use NorthBough\Core\Join\JoinPlan;
use NorthBough\Core\Join\PlannedValue;

/** Plans of joins, and what was joined, as pages show them. */
final readonly class JoinPages
{
    private const MOST = 30;

    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private MadeSince $since)
    {
    }

    public function plan(JoinPlan $plan): JoinPlanPage
    {
        $lives = $this->tree->lives(
            array_values(array_unique([...array_column($plan->next, 'personId'), ...array_column($plan->next, 'otherId')])));

        return new JoinPlanPage('', array_map(static fn (PlannedValue $value): PlannedValueResource => new PlannedValueResource($value->id,
            $value->isOfKept, $value->kind, $value->says, $value->fate->value, $value->choice), $plan->values->values), $plan->family,
            array_map(static fn (string $word, int $count): string => "{$count} ".($count === 1 ? self::single($word) : $word),
                array_keys($plan->moves), $plan->moves), $plan->remarks,
            array_map(static fn (DoubleKin $kin): DoubleKinResource => new DoubleKinResource($kin->relation,
                SearchRows::named($lives[$kin->personId]), SearchRows::named($lives[$kin->otherId])), $plan->next));
    }

    /**
     * @param  string  $column  the column of joins that names what stays
     * @return list<JoinResource> who or what was joined to it and is one with it still, the last first
     */
    public function of(string $column, string $id): array
    {
        $joins = [];
        foreach (Join::query()->where($column, $id)->whereNull('apart_by')->orderByDesc('id')->limit(self::MOST)
            ->get() as $join) {
            $entries = JournalEntries::read(JournalEntries::of($this->current->id())
                ->where('journal.change_set_id', $join->choices['set'] ?? '')->orderByDesc('journal.seq'));
            if ($entries !== []) {
                $rows = array_filter($this->since->of($join, $entries), static fn (RowSince $row): bool => ! $row->isOfGone);
                $joins[] = new JoinResource($join->id, $this->says($join), array_values(array_map(
                    static fn (RowSince $row): RowSinceResource => new RowSinceResource($row->id, $row->says), $rows)));
            }
        }

        return $joins;
    }

    private function says(Join $join): string
    {
        $set = DB::table('change_sets')->leftJoin('users', 'users.id', '=', 'change_sets.user_id')
            ->where('change_sets.tree_id', $this->current->id())->where('change_sets.id', $join->choices['set'] ?? '')
            ->first(['change_sets.summary', 'change_sets.made_at', 'users.name']);

        return $set === null ? 'Joined before the journal began.'
            : trim("{$set->summary}, ".date('j M Y', (int) strtotime($set->made_at)).($set->name === null ? '' : ", by {$set->name}"));
    }

    private static function single(string $word): string
    {
        return match ($word) {
            'lines of records' => 'line of a record',
            'groups and marks' => 'group or mark',
            'links elsewhere' => 'link elsewhere',
            default => substr($word, 0, -1),
        };
    }
}
