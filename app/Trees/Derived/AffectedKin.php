<?php

declare(strict_types=1);

namespace App\Trees\Derived;

use App\Trees\Changes\AffectedPeople;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Whom a change touched through something that is not theirs alone: a couple, or an event or record with others on it. */
final class AffectedKin
{
    /** @var \WeakMap<AffectedPeople, list<string>> asked by more than one derived table, when a change is done */
    private \WeakMap $present;

    public function __construct(private readonly CurrentTree $current)
    {
        $this->present = new \WeakMap;
    }

    /** @return list<string> whoever was touched, and the partners of couples that were */
    public function withPartners(AffectedPeople $affected): array
    {
        $unions = $affected->unions();
        $partners = $unions === [] ? [] : $this->rows('union_partners')->whereIn('union_id', $unions)->pluck('person_id')->all();

        return array_values(array_unique([...$affected->people(), ...array_map(strval(...), $partners)]));
    }

    /** @return list<string> these, and those who were present at what was touched */
    public function withPresent(AffectedPeople $affected): array
    {
        return $this->present[$affected] ??= array_values(
            array_unique([...$this->withPartners($affected), ...$this->presentAt($affected)]));
    }

    /** @return list<string> */
    private function presentAt(AffectedPeople $affected): array
    {
        $present = [];
        if ($affected->hasAny('events')) {
            $present = $this->rows('event_roles')->whereIn('event_id', $affected->rows())->whereNotNull('person_id')->pluck('person_id')
                ->all();
        }
        if ($affected->hasAny('records', 'roll_lines')) {
            $lines = $this->rows('roll_lines')
                ->where(static fn (Builder $either) => $either->whereIn('record_id', $affected->rows())->orWhereIn('id', $affected->rows()))
                ->select('id');
            array_push($present, ...$this->rows('placings')->whereNotNull('person_id')->whereIn('roll_line_id', $lines)->pluck('person_id')
                ->all());
        }

        return array_values(array_map(strval(...), $present));
    }

    private function rows(string $table): Builder
    {
        return DB::table($table)->where('tree_id', $this->current->id());
    }
}
