<?php

declare(strict_types=1);

namespace App\Trees\Derived;

use App\Trees\Changes\AffectedPeople;
use App\Trees\Kinds\TreeEventKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Tree\EventKinds;

/** Whom a change touched through something that is not theirs alone: a couple, or an event or record with others on it. */
final class AffectedKin
{
    /** @var \WeakMap<AffectedPeople, list<string>> asked by more than one derived table, when a change is done */
    private \WeakMap $present;

    public function __construct(private readonly CurrentTree $current, private readonly TreeEventKinds $kinds)
    {
        $this->present = new \WeakMap;
    }

    /** @return list<string> whoever was touched, and the partners of couples that were */
    public function withPartners(AffectedPeople $affected): array
    {
        $unions = $affected->unions();
        $partners = $unions === [] ? [] : $this->rows('union_partners')->whereIn('union_id', $unions)->pluck('person_id')->all();

        return array_values(
            array_unique([...$affected->people(), ...array_map(strval(...), $partners), ...$this->ofKinds($affected->eventWords())]));
    }

    /**
     * @param  list<string>  $words  of kinds of event, in small letters
     * @return list<string> whoever has an event of these kinds, alone or as one of a couple
     */
    private function ofKinds(array $words): array
    {
        if ($words === []) {
            return [];
        }
        $this->kinds->forget();
        $events = $this->rows('events')->whereIn('events.kind', EventKinds::OF_OWN_WORDS)
            ->whereIn(DB::raw('lower(events.type_words)'), $words);
        $own = (clone $events)->whereNotNull('events.person_id')->pluck('events.person_id');
        $partners = $this->rows('union_partners')->whereIn('union_id', $events->whereNotNull('events.union_id')->select('events.union_id'))
            ->pluck('person_id');

        return array_values(array_map(strval(...), [...$own->all(), ...$partners->all()]));
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
        return DB::table($table)->where("{$table}.tree_id", $this->current->id());
    }
}
