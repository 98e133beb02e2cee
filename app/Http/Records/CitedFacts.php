<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Records\Resources\CitedFact;
use App\Models\Claim;
use App\Models\Event;
use App\Trees\Access\LivingPeople;
use App\Trees\Claims\ClassifiedClaims;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Evidence\WeightRule;
use NorthBough\Core\Tree\EventKinds;

/** What records support: each claim with whose it is, what it tells and what it weighs. */
final readonly class CitedFacts
{
    public function __construct(private CurrentTree $current, private LivingPeople $living, private ClassifiedClaims $classes)
    {
    }

    /**
     * @param  list<string>  $recordIds
     * @return array<string, list<CitedFact>> by record; a claim of a union stands once for each partner
     */
    public function of(array $recordIds): array
    {
        $same = static fn (string $left, string $right) => static fn ($join) => $join->on("{$left}.tree_id", 'claims.tree_id')
            ->on("{$left}.id", $right);
        $rows = $this->living->visibleFacts(DB::table('claims'))
            ->leftJoin('events', $same('events', 'claims.event_id'))
            ->leftJoin('names', $same('names', 'claims.name_id'))
            ->leftJoin('counted_partners', static fn ($join) => $join->on('counted_partners.tree_id', 'claims.tree_id')
                ->whereRaw('counted_partners.union_id = coalesce(events.union_id, claims.union_id)'))
            ->leftJoin('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'claims.tree_id')
                ->whereRaw('person_lines.person_id = coalesce(events.person_id, counted_partners.person_id, names.person_id, '
                    .'claims.person_id)'))
            ->where('claims.tree_id', $this->current->id())->whereIn('claims.record_id', $recordIds)
            // A claim of a tie between parent and child has no fact of its own.
            ->whereRaw('num_nonnulls(claims.person_id, claims.name_id, claims.event_id, claims.union_id) = 1')
            ->orderBy('events.date_begin_lo')->orderBy('claims.id')
            ->get(['claims.id', 'claims.record_id', 'claims.roll_line_id', 'claims.words', 'claims.union_id', 'claims.person_id AS whom',
                'claims.aspect', 'events.kind', 'events.date_shown', 'person_lines.person_id', 'person_lines.shown_name']);
        $classed = $this->classed(array_values(array_unique(array_map(strval(...), $rows->pluck('id')->all()))));
        $facts = [];
        foreach ($rows as $row) {
            $word = match (true) {
                $row->union_id !== null => 'Union',
                $row->whom !== null => $row->aspect === 'sex' ? 'Sex' : 'Person',
                $row->kind === null => 'Name',
                default => EventKinds::all()[$row->kind]->word ?? $row->kind,
            };
            $classification = $classed[$row->id] ?? throw new \LogicException('A claim is gone.');
            $facts[$row->record_id][] = new CitedFact($row->person_id ?? '', $row->shown_name ?? '?', $word, $row->date_shown ?? '',
                $row->words,
                $row->id, $row->roll_line_id ?? '', WeightRule::of($classification)->weight->value, $classification->saidWeight !== null);
        }

        return $facts;
    }

    /**
     * @param  list<string>  $claimIds
     * @return array<string, ClassifiedClaim> by claim
     */
    private function classed(array $claimIds): array
    {
        $claims = Claim::query()->whereIn('id', $claimIds)->get();
        [$records, $sources] = ClassifiedClaims::standIn($claims);
        $facts = [];
        foreach (Event::query()->whereIn('id', $claims->pluck('event_id')->filter())->get() as $fact) {
            $facts[$fact->id] = $fact;
        }

        return $this->classes->of($claims, $records, $sources, $facts);
    }
}
