<?php

declare(strict_types=1);

namespace App\Trees\Access;

use App\Trees\Display\DisplayPreferences;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Privacy\LivingNames;
use NorthBough\Core\Privacy\ShieldedTree;
use NorthBough\Core\Tree\TreeView;

/** Who of the current tree counts as living today, and the tree as readers may see it. */
final readonly class LivingPeople
{
    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private DisplayPreferences $reader)
    {
    }

    /**
     * @param  list<string>  $personIds
     * @return list<string>
     */
    public function among(array $personIds): array
    {
        return $personIds === [] ? [] : array_values($this->lines()->whereIn('person_id', $personIds)->pluck('person_id')->all());
    }

    public function count(): int
    {
        return $this->lines()->count();
    }

    /** @return array<string, true> everybody who is living, by id */
    public function all(): array
    {
        return array_fill_keys($this->lines()->pluck('person_id')->all(), true);
    }

    /** @param  list<string>  $except  whose names are no secret */
    public function names(array $except = []): LivingNames
    {
        $names = DB::table('names')
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'names.tree_id')
                ->on('person_lines.person_id', 'names.person_id'))
            ->where('names.tree_id', $this->current->id());

        return new LivingNames(self::onlyLiving($names)->whereNotIn('names.person_id', $except)->get(['names.given', 'names.surname'])
            ->map(static fn ($row): array => [$row->given, $row->surname])->all());
    }

    /** Narrows lines of the index to those whom this reader may see. */
    public function visible(Builder $lines): Builder
    {
        return $this->current->seesLiving() ? $lines : $lines->where('person_lines.dead_from', '<=', self::today());
    }

    /** Narrows facts to those that nobody asked to withhold from this reader; joined as events, which may be none. */
    public function visibleFacts(Builder $facts): Builder
    {
        return $this->current->seesLiving() ? $facts : $this->visible($facts)
            ->whereRaw("coalesce(events.restriction, '') !~ 'confidential|privacy'");
    }

    /** The tree as whoever asks may see it. */
    public function view(): TreeView
    {
        return $this->current->seesLiving() ? $this->tree : $this->shielded();
    }

    /** The same, with names and dates shown as whoever asks wants them. */
    public function forReader(): TreeView
    {
        return $this->reader->view($this->view());
    }

    /** The same with its texts: what a drawing or a report on the page is made of. */
    public function seen(): SeenTree
    {
        return $this->current->seesLiving() ? SeenTree::whole($this->forReader())
            : SeenTree::shielded($this->forReader(), $this->names(), $this->among(...));
    }

    /**
     * The tree as it may leave the house.
     *
     * @param  list<string>  $except  who of the living is told all the same
     */
    public function leaving(array $except = []): SeenTree
    {
        $among = fn (array $ids): array => $this->among(array_values(array_diff($ids, $except)));
        $names = $this->names($except);

        return SeenTree::shielded(new ShieldedTree($this->tree, $among, $names), $names, $among);
    }

    public function isShielding(): bool
    {
        return ! $this->current->seesLiving();
    }

    public function shielded(): ShieldedTree
    {
        return new ShieldedTree($this->tree, $this->among(...), $this->names());
    }

    private function lines(): Builder
    {
        return self::onlyLiving(DB::table('person_lines')->where('person_lines.tree_id', $this->current->id()));
    }

    public static function onlyLiving(Builder $lines): Builder
    {
        return $lines->where(static fn (Builder $query) => $query->whereNull('person_lines.dead_from')
            ->orWhere('person_lines.dead_from', '>', self::today()));
    }

    /** @return int Julian Day Number */
    public static function today(): int
    {
        $now = Carbon::now();

        return Calendars::gregorian()->toDay($now->year, $now->month, $now->day);
    }
}
