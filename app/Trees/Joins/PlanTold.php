<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Join\DoubleKin;
use NorthBough\Core\Join\JoinPlan;
use NorthBough\Core\Join\PlannedValue;

/** The plan of a join, for whoever decides on it. */
final readonly class PlanTold
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @return array{kept: string, gone: string, sex: string, values: list<array<string, string|bool>>, family: list<string>,
     *     moves: array<string, int>, remarks: list<string>, next: list<array{a: string, b: string, relation: string, says: string}>}
     */
    public function asArray(JoinPlan $plan): array
    {
        return [
            'kept' => $plan->keptId, 'gone' => $plan->goneId, 'sex' => $plan->sex->value,
            'values' => array_map(static fn (PlannedValue $value): array => ['id' => $value->id, 'of' => $value->isOfKept ? 'kept' : 'gone',
                'kind' => $value->kind, 'says' => $value->says, 'fate' => $value->fate->value, 'same_as' => $value->sameAs],
                $plan->values->values),
            'family' => $plan->family, 'moves' => $plan->moves, 'remarks' => $plan->remarks,
            'next' => $this->next($plan),
        ];
    }

    /** @return list<string> */
    public function inWords(JoinPlan $plan): array
    {
        return [
            ...array_map(static fn (PlannedValue $value): string => "{$value->kind} {$value->says}: {$value->fate->value}.",
                $plan->values->changes()),
            ...$plan->family, ...$plan->remarks,
            ...array_map(static fn (string $word, int $count): string => "{$count} {$word} go over.", array_keys($plan->moves),
                $plan->moves),
            ...array_map(static fn (array $next): string => "Likely double by it: {$next['says']}.", $this->next($plan)),
        ];
    }

    /** @return list<array{a: string, b: string, relation: string, says: string}> */
    private function next(JoinPlan $plan): array
    {
        $ids = array_merge(array_column($plan->next, 'personId'), array_column($plan->next, 'otherId'));
        $names = DB::table('person_lines')->where('tree_id', $this->current->id())->whereIn('person_id', $ids)
            ->pluck('shown_name', 'person_id');
        $numbers = DB::table('people')->where('tree_id', $this->current->id())->whereIn('id', $ids)->pluck('number', 'id');

        return array_map(static fn (DoubleKin $kin): array => ['a' => $kin->personId, 'b' => $kin->otherId, 'relation' => $kin->relation,
            'says' => "{$names[$kin->personId]} (no. {$numbers[$kin->personId]}) and {$names[$kin->otherId]} (no. "
                ."{$numbers[$kin->otherId]})"],
            $plan->next);
    }
}
