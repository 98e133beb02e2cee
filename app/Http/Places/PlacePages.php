<?php

declare(strict_types=1);

namespace App\Http\Places;

use App\Counted;
use App\Http\Api\Cursor;
use App\Http\Interpretation\Resources\DatingSettingResource;
use App\Http\Places\Resources\FactAtPlace;
use App\Http\Places\Resources\PlaceLinkResource;
use App\Http\Places\Resources\PlaceNameResource;
use App\Http\Places\Resources\PlacePage;
use App\Http\Places\Resources\PlaceResource;
use App\Http\Places\Resources\PlacesPage;
use App\Http\Places\Resources\WordingResource;
use App\Models\Place;
use App\Models\PlaceName;
use App\Trees\Access\LivingPeople;
use App\Trees\Places\FactsAtPlaces;
use App\Trees\Places\Gazetteers;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Place\Gazetteer;
use NorthBough\Core\Tree\EventKinds;
use stdClass;

/** The gazetteer in a list, and one place with everything that is said of it. */
final readonly class PlacePages
{
    private const AT_ONCE = 100;

    private const FACTS = 100;

    public function __construct(
        private CurrentTree $current,
        private Gazetteers $gazetteers,
        private FactsAtPlaces $facts,
        private LivingPeople $living,
    ) {
    }

    public function index(string $typed, string $after): PlacesPage
    {
        $query = $this->places();
        $search = SearchForm::of($typed);
        if ($search !== '') {
            $like = '%'.addcslashes($search, '%_\\').'%';
            $query->where(static fn (Builder $either) => $either->where('places.search', 'like', $like)
                ->orWhereExists(static fn (Builder $names) => $names->selectRaw('1')->from('place_names')
                    ->whereColumn('place_names.tree_id', 'places.tree_id')->whereColumn('place_names.place_id', 'places.id')
                    ->where('place_names.search', 'like', $like)));
        }
        $key = Cursor::byWords($after);
        $shown = $key === null ? (clone $query)->count() : 0;
        if ($key !== null) {
            $query->whereRaw('(places.search, places.id) > (?, ?)', $key);
        }
        $rows = $query->orderBy('places.search')->orderBy('places.id')->limit(self::AT_ONCE)->get(['id', 'name', 'kind', 'search']);
        $last = $rows->count() === self::AT_ONCE ? $rows->last() : null;

        return new PlacesPage($this->lines($rows->all()), $last === null ? null : Cursor::of($last->search, $last->id), $shown,
            $key === null ? $this->places()->count() : 0, $key === null && ! $this->living->isShielding() ? DB::query()
                ->fromSub($this->facts->unsettled(), 'unsettled')->count() : 0);
    }

    public function one(Place $place): PlacePage
    {
        $gazetteer = $this->gazetteers->of([$place->id]);
        $inward = $this->facts->inward($place->id);
        $inner = $this->places()->whereIn('id', $inward)->where('id', '!=', $place->id)->orderBy('search')->limit(self::FACTS)
            ->get(['id', 'name', 'kind', 'search']);
        $facts = $this->facts->in($inward);
        $count = $this->living->isShielding() ? $this->ofPeople(clone $facts)->count() : (clone $facts)->count();
        $around = $gazetteer->around($place->id);

        return new PlacePage(
            $place->id, $place->version, $place->name, $place->kind, $place->inside_id, $gazetteer->path($place->id),
            $place->latitude ?? '', $place->longitude ?? '',
            DatingSettingResource::of($place->reckoning),
            self::reckonedAs($around),
            array_values(PlaceName::query()->where('place_id', $place->id)->orderBy('position')->orderBy('id')->get()
                ->map(static fn (PlaceName $name): PlaceNameResource => new PlaceNameResource($name->id, $name->name, $name->language,
                    $name->from_typed, $name->to_typed))->all()),
            $this->ties('place_insides', 'inside_id', $place->id, $gazetteer),
            $this->ties('place_churches', 'church_id', $place->id, $gazetteer),
            $this->lines($inner->all()),
            $this->wordings($place),
            $this->first($facts), $count,
            self::deleting($this->facts->in([$place->id])->count()),
        );
    }

    /** @return list<WordingResource> none for readers: where somebody living is, stands in these words too */
    private function wordings(Place $place): array
    {
        if ($this->living->isShielding()) {
            return [];
        }
        $rows = DB::table('place_wordings')->where('place_wordings.tree_id', $place->tree_id)->where('place_wordings.place_id', $place->id)
            ->leftJoin('events', static fn ($join) => $join->on('events.tree_id', 'place_wordings.tree_id')
                ->whereRaw('md5(events.place_typed) = md5(place_wordings.typed)')
                ->where('events.place_typed', '!=', '')->whereNull('events.place_id'))
            ->groupBy('place_wordings.typed')->selectRaw('place_wordings.typed, count(events.id) AS facts')->orderByDesc('facts')
            ->orderBy('typed')->limit(self::FACTS)->get();

        return array_values($rows->map(static fn (stdClass $row): WordingResource => new WordingResource($row->typed, (int) $row->facts))
            ->all());
    }

    private static function deleting(int $facts): string
    {
        return match ($facts) {
            0 => 'No fact names it',
            default => Counted::of($facts, 'fact keeps its words', 'facts keep their words'),
        };
    }

    /** @param  list<\NorthBough\Core\Place\Place>  $around */
    private static function reckonedAs(array $around): string
    {
        foreach ($around as $outer) {
            if ($outer->convention !== null) {
                return "{$outer->convention->inWords()}, as in {$outer->name}";
            }
        }

        return '';
    }

    /** @return list<PlaceLinkResource> */
    private function ties(string $table, string $column, string $placeId, Gazetteer $gazetteer): array
    {
        $rows = DB::table($table)->where('tree_id', $this->current->id())->where('place_id', $placeId)
            ->orderByRaw('from_day NULLS FIRST, id')->get();

        return array_values($rows->map(static fn (stdClass $row): PlaceLinkResource => new PlaceLinkResource(
            $row->id, $row->{$column}, $gazetteer->place($row->{$column})->name ?? '?', $row->from_typed, $row->to_typed))->all());
    }

    /**
     * @param  array<int, stdClass>  $rows
     * @return list<PlaceResource>
     */
    private function lines(array $rows): array
    {
        $ids = array_column($rows, 'id');
        $isCounted = ! $this->living->isShielding();
        $gazetteer = $this->gazetteers->of(array_values($ids));
        $facts = ! $isCounted ? [] : DB::table('place_wordings')
            ->join('events', static fn ($join) => $join->on('events.tree_id', 'place_wordings.tree_id')
                ->whereRaw('md5(events.place_typed) = md5(place_wordings.typed)')->where('events.place_typed', '!=', ''))
            ->where('place_wordings.tree_id', $this->current->id())->whereIn('place_wordings.place_id', $ids)
            ->groupBy('place_wordings.place_id')->selectRaw('place_wordings.place_id, count(*) AS facts')->pluck('facts', 'place_id');

        return array_values(array_map(static fn (stdClass $row): PlaceResource => new PlaceResource(
            $row->id, $row->name, $row->kind, implode(', ', array_slice($gazetteer->path($row->id), 1)), (int) ($facts[$row->id] ?? 0)),
            $rows));
    }

    /** @return list<FactAtPlace> the earliest first, of people whom the reader may see */
    private function first(Builder $facts): array
    {
        $rows = $this->ofPeople($facts)
            ->orderByRaw('events.date_begin_lo NULLS LAST')->orderBy('events.id')->limit(self::FACTS)
            ->get(['person_lines.person_id', 'person_lines.shown_name', 'events.kind', 'events.type_words', 'events.date_shown',
                'events.place_typed']);

        return array_values($rows->map(static fn (stdClass $row): FactAtPlace => new FactAtPlace(
            $row->person_id, $row->shown_name,
            $row->type_words !== '' ? $row->type_words : EventKinds::all()[$row->kind]->word ?? $row->kind, $row->date_shown,
            $row->place_typed))->all());
    }

    /** Facts with the people whose they are, as far as whoever asks may see them; a couple's are both partners'. */
    private function ofPeople(Builder $facts): Builder
    {
        return $this->living->visibleFacts($facts)
            ->leftJoin('counted_partners', static fn ($join) => $join->on('counted_partners.tree_id', 'events.tree_id')
                ->on('counted_partners.union_id', 'events.union_id'))
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'events.tree_id')
                ->whereRaw('person_lines.person_id = coalesce(events.person_id, counted_partners.person_id)'));
    }

    private function places(): Builder
    {
        return DB::table('places')->where('places.tree_id', $this->current->id());
    }
}
