<?php

declare(strict_types=1);

namespace App\Trees\Loading;

use App\Models\Casts\DateColumns;
use App\Trees\Kinds\TreeEventKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ChildOrder;
use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventRole;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\PersonAside;
use NorthBough\Core\Tree\PictureCut;
use NorthBough\Core\Tree\Placing;
use NorthBough\Core\Tree\PlacingState;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;
use stdClass;

/** The current tree as core sees it, fetched by ids, a fixed number of queries a call. */
final readonly class DatabaseTree implements TreeView
{
    public function __construct(private CurrentTree $current, private TreeEventKinds $kinds)
    {
    }

    public function people(array $ids): array
    {
        return $this->peopleWith($ids, $ids);
    }

    public function lives(array $ids, array $backed = []): array
    {
        return $this->peopleWith($ids, $backed);
    }

    /**
     * The events of people alone, without claims: for what is asked at every save.
     *
     * @param  list<string>  $personIds
     * @return array<string, list<Event>> by person
     */
    public function eventsOf(array $personIds): array
    {
        return $this->events('person_id', $personIds, []);
    }

    /**
     * The events of the unions that people were partners in, without claims.
     *
     * @param  list<string>  $personIds
     * @return array<string, list<Event>> by partner
     */
    public function unionEvents(array $personIds): array
    {
        $rows = $this->eventsByPartner($personIds)->get();
        $events = [];
        foreach ($rows as $row) {
            $events[$row->partner_id][] = $this->event($row, DateColumns::restore((array) $row), []);
        }

        return $events;
    }

    /**
     * The wedding that leads, of each union that people were partners in, without claims.
     *
     * @param  list<string>  $personIds
     * @return array<string, array<array-key, Event>> by partner and union
     */
    public function weddings(array $personIds): array
    {
        $rows = $this->eventsByPartner($personIds)->where('events.kind', 'marriage')->get();
        $weddings = [];
        foreach ($rows->groupBy(['partner_id', 'union_id']) as $partnerId => $unions) {
            foreach ($unions as $unionId => $ofUnion) {
                $leading = Event::leadingOf(
                    array_values($ofUnion->map(
                        fn (stdClass $row): Event => $this->event($row, DateColumns::restore((array) $row), []))->all()), 'marriage');
                if ($leading !== null) {
                    $weddings[(string) $partnerId][$unionId] = $leading;
                }
            }
        }

        return $weddings;
    }

    /** @param  list<string>  $personIds */
    private function eventsByPartner(array $personIds): Builder
    {
        return $this->rows('events')
            ->join('counted_partners', static fn ($join) => $join->on('counted_partners.tree_id', 'events.tree_id')
                ->on('counted_partners.union_id', 'events.union_id'))
            ->whereIn('counted_partners.person_id', $personIds)->orderBy('events.position')->orderBy('events.ordinal')->orderBy('events.id')
            ->select(['events.*', 'counted_partners.person_id as partner_id']);
    }

    /**
     * @param  list<string>  $ids
     * @param  list<string>  $backed
     * @return array<string, Person>
     */
    private function peopleWith(array $ids, array $backed): array
    {
        if ($ids === []) {
            return [];
        }
        $named = $this->rows('people')
            ->leftJoin('names', static fn ($join) => $join->on('names.tree_id', 'people.tree_id')->on('names.person_id', 'people.id'))
            ->whereIn('people.id', $ids)->orderBy('names.position')->orderBy('names.ordinal')->orderBy('names.id')
            ->get(['people.id AS whose', 'people.number', 'people.sex', 'names.id', 'names.kind', 'names.given', 'names.surname',
                'names.surname_prefix', 'names.suffix', 'names.title', 'names.nickname', 'names.standing'])->groupBy('whose');
        $events = $this->events('person_id', $ids, $backed);
        $people = [];
        foreach ($named as $id => $names) {
            $row = $names->firstOrFail();
            $people[$id] = new Person((string) $id, $row->number, Sex::from($row->sex),
                Name::inOrder(array_values($names->whereNotNull('id')->map($this->name(...))->all())), $events[$id] ?? []);
        }

        return $people;
    }

    public function parentSets(array $childIds): array
    {
        $rows = $this->rows('parent_sets')
            ->leftJoin('parentages', static fn ($join) => $join->on('parentages.tree_id', 'parent_sets.tree_id')
                ->on('parentages.parent_set_id', 'parent_sets.id'))
            ->whereIn('parent_sets.child_id', $childIds)
            ->orderByDesc('parent_sets.leads')->orderBy('parent_sets.position')->orderBy('parent_sets.id')->orderBy('parentages.id')
            ->get(['parent_sets.id', 'parent_sets.child_id', 'parent_sets.union_id', 'parent_sets.leads', 'parentages.person_id',
                'parentages.kind', 'parentages.standing', 'parentages.proof', 'parentages.kind_words', 'parentages.years',
                'parentages.id as parentage_id']);
        $sets = [];
        foreach ($rows->groupBy('id') as $ofSet) {
            $parents = [];
            foreach ($ofSet->whereNotNull('person_id') as $p) {
                $parents[] = new Parentage($p->person_id, ParentageKind::from($p->kind), Standing::from($p->standing),
                    Proof::from($p->proof), $p->kind_words, $p->years, $p->parentage_id);
            }
            $row = $ofSet->firstOrFail();
            $sets[$row->child_id][] = new ParentSet($row->id, $row->child_id, $row->union_id, $row->leads, $parents);
        }

        return $sets;
    }

    public function unionsOf(array $personIds): array
    {
        $ties = $this->rows('counted_partners')->whereIn('person_id', $personIds)->orderBy('position')->orderBy('id')->get();
        $unions = $this->unions(array_values($ties->pluck('union_id')->unique()->all()));
        $byPerson = [];
        foreach ($ties as $tie) {
            $byPerson[$tie->person_id][] = $unions[$tie->union_id];
        }

        return array_map(Union::asLived(...), $byPerson);
    }

    /**
     * @return array<string, Standing> how somebody stands in each of their unions, by union, in hand order; those they were
     *     ruled out of too
     */
    public function standingIn(string $personId): array
    {
        return $this->rows('union_partners')->where('person_id', $personId)->orderBy('position')->orderBy('id')
            ->pluck('standing', 'union_id')->map(Standing::from(...))->all();
    }

    public function unions(array $unionIds, ?array $backed = null): array
    {
        if ($unionIds === []) {
            return [];
        }
        $partners = $this->rows('union_partners')
            ->join('unions', static fn ($join) => $join->on('unions.tree_id', 'union_partners.tree_id')
                ->on('unions.id', 'union_partners.union_id'))
            ->whereIn('union_id', $unionIds)->orderBy('slot')->orderBy('union_partners.id')
            ->get(['union_partners.id', 'union_partners.union_id', 'union_partners.person_id', 'union_partners.standing',
                'unions.surname_custom', 'unions.restriction'])->groupBy('union_id');
        $children = $this->rows('parent_sets')
            ->leftJoin('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'parent_sets.tree_id')
                ->on('person_lines.person_id', 'parent_sets.child_id'))
            ->join('unions', static fn ($join) => $join->on('unions.tree_id', 'parent_sets.tree_id')
                ->on('unions.id', 'parent_sets.union_id'))
            ->whereIn('parent_sets.union_id', $unionIds)
            ->orderBy('parent_sets.child_ordinal')->orderBy('parent_sets.id')
            ->get(['parent_sets.union_id', 'parent_sets.child_id', 'parent_sets.child_ordinal', 'person_lines.birth_day',
                'unions.order_by_hand',
                DB::raw("(SELECT string_agg(p.person_id::text, ' ') FROM parentages p WHERE p.tree_id = parent_sets.tree_id
                AND p.parent_set_id = parent_sets.id AND p.standing = 'ruled out') AS disproved")])
            ->groupBy('union_id');
        $events = $this->events('union_id', $unionIds, $backed ?? $unionIds);
        $unions = [];
        foreach ($unionIds as $id) {
            $ties = $partners->get($id) ?? collect();
            if ($ties->isEmpty() && ! $children->has($id) && ! isset($events[$id])) {
                // Not of this tree, or a union of nobody of which nothing is told.
                continue;
            }
            $unions[$id] = new Union(
                $id,
                array_values($ties->where('standing', '<>', Standing::RuledOut->value)->pluck('person_id')->all()),
                array_map(static fn (Event $event): Event => $event->restricted($ties->first()->restriction ?? ''), $events[$id] ?? []),
                $this->childrenInOrder($children->get($id) ?? collect()),
                $ties->pluck('id', 'person_id')->all(),
                $ties->first()->surname_custom ?? '',
                $ties->where('standing', '<>', Standing::Unweighed->value)->pluck('standing', 'person_id')->map(Standing::from(...))->all(),
                ($children->get($id) ?? collect())->whereNotNull('disproved')->pluck('disproved', 'child_id')
                    ->map(static fn (string $ids): array => explode(' ', $ids))->all(),
            );
        }

        return $unions;
    }

    public function placings(array $personIds): array
    {
        $rows = $personIds === [] ? collect() : $this->rows('placings')
            ->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'placings.tree_id')
                ->on('roll_lines.id', 'placings.roll_line_id'))
            ->whereIn('placings.person_id', $personIds)->orderBy('roll_lines.day_lo')->orderBy('placings.id')
            ->get(['placings.id', 'placings.person_id', 'placings.state', 'roll_lines.id as line_id', 'roll_lines.record_id',
                'roll_lines.name_typed']);
        $placings = [];
        foreach ($rows as $row) {
            $placings[$row->person_id][] = new Placing($row->id, $row->line_id, $row->record_id, $row->person_id,
                PlacingState::from($row->state), $row->name_typed);
        }

        return $placings;
    }

    public function roles(array $eventIds): array
    {
        $roles = [];
        foreach ($eventIds === [] ? [] : $this->rows('event_roles')->whereIn('event_id', $eventIds)->orderBy('position')->orderBy('id')
            ->get(['event_id', 'role', 'person_id', 'words']) as $row) {
            $roles[$row->event_id][] = new EventRole($row->role, (string) $row->person_id, $row->words);
        }

        return $roles;
    }

    public function asides(array $personIds): array
    {
        $portraits = $this->rows('media_links')->whereIn('person_id', $personIds)->where('is_main', true)->whereNotNull('view')
            ->orderByDesc('position')->orderByDesc('id')->get(['person_id', 'media_id', 'view'])->keyBy('person_id');
        $questions = $this->rows('questions')->whereIn('state', ['open', 'unresolved'])->whereIn('person_id', $personIds)
            ->groupBy('person_id')->selectRaw('person_id, count(*) AS open')->pluck('open', 'person_id');
        $asides = [];
        foreach ($portraits->keys()->merge($questions->keys())->unique() as $id) {
            $asides[$id] = new PersonAside(self::cut($portraits->get($id)), (int) ($questions[$id] ?? 0));
        }

        return $asides;
    }

    private static function cut(?stdClass $link): ?PictureCut
    {
        $view = $link === null ? null : json_decode($link->view, true, flags: JSON_THROW_ON_ERROR);

        return $link === null || ! isset($view['left'], $view['top'], $view['width'], $view['height']) ? null
            : new PictureCut($link->media_id, (int) ($view['page'] ?? 0), (float) $view['left'], (float) $view['top'],
                (float) $view['width'], (float) $view['height']);
    }

    /**
     * @param  Collection<int, stdClass>  $children
     * @return list<string>
     */
    private function childrenInOrder(Collection $children): array
    {
        $byHand = $children->sortBy(static fn (stdClass $c): int => $c->child_ordinal < 0 ? PHP_INT_MAX : $c->child_ordinal)->values();

        return $byHand->first()?->order_by_hand === true
            ? array_values($byHand->pluck('child_id')->all())
            : ChildOrder::byDate(array_values($byHand->map(static fn (stdClass $c): array => [$c->child_id, $c->birth_day])->all()));
    }

    /**
     * @param  list<string>  $ids
     * @param  list<string>  $backed  owners of whose events the claims are wanted
     * @return array<string, list<Event>> by owner
     */
    private function events(string $column, array $ids, array $backed): array
    {
        $rows = $this->rows('events')->whereIn($column, $ids)->orderBy('position')->orderBy('ordinal')->orderBy('id')->get();
        $dates = [];
        foreach ($rows as $row) {
            $dates[$row->id] = DateColumns::restore((array) $row);
        }
        $kinds = $backed === [] ? [] : $rows->whereIn($column, $backed)->pluck('kind', 'id')->all();
        $evidence = (new CitedEvidenceLoader($this->current))->of(array_intersect_key($dates, $kinds), $kinds);
        $events = [];
        foreach ($rows as $row) {
            $events[$row->{$column}][] = $this->event($row, $dates[$row->id], $evidence[$row->id] ?? []);
        }

        return $events;
    }

    /** @param  list<CitedEvidence>  $evidence */
    private function event(stdClass $row, GenDate $date, array $evidence): Event
    {
        return new Event($row->id, $row->kind, $row->type_words, $row->value,
            $date, $row->place_typed, $row->denied, $evidence, Standing::from($row->standing), $row->place_id, $row->restriction,
            $this->kinds->named($row->kind, $row->type_words));
    }

    private function name(stdClass $row): Name
    {
        return new Name($row->id, NameKind::from($row->kind),
            PersonalName::of($row->given, $row->surname, $row->surname_prefix, $row->suffix, $row->title, $row->nickname),
            Standing::from($row->standing));
    }

    private function rows(string $table): Builder
    {
        return DB::table($table)->where("{$table}.tree_id", $this->current->id());
    }
}
