<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Exchange\Resources\KeptLinesResource;
use App\Http\People\Resources\DeletedKinResource;
use App\Http\People\Resources\LifeStripMark;
use App\Http\People\Resources\LifeStripResource;
use App\Http\People\Resources\LifeStripYear;
use App\Http\People\Resources\NameResource;
use App\Http\People\Resources\NoteResource;
use App\Http\People\Resources\PersonPage;
use App\Http\People\Resources\RoleResource;
use App\Http\Pictures\PicturePages;
use App\Models\Event as EventRow;
use App\Models\EventRole;
use App\Models\GroupMember;
use App\Models\Marking;
use App\Models\Name as NameRow;
use App\Models\Note;
use App\Models\Person as PersonRow;
use App\Trees\Access\LivingPeople;
use App\Trees\Derived\Window\StoredWindows;
use App\Trees\Journal\DeletedRelative;
use App\Trees\Loading\DatabaseTree;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Str;
use NorthBough\Core\Drawing\LifeStrip\LifeStrip;
use NorthBough\Core\Life\LifeOrder;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Privacy\ShieldedTree;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;

/** Puts a person's page together: a fixed number of queries, however long the life. */
final readonly class PersonPageBuilder
{
    public function __construct(
        private LivingPeople $living,
        private KinResources $kin,
        private KinToCentre $centre,
        private DatabaseTree $tree,
        private StoredWindows $windows,
        private PersonPageParts $parts,
    ) {
    }

    public function build(PersonRow $row): PersonPage
    {
        $tree = $this->living->forReader();
        $isLiving = $this->living->among([$row->id]) !== [];
        $isWithheld = $this->living->isShielding() && $isLiving;
        $sets = $tree->parentSets([$row->id])[$row->id] ?? [];
        $standings = $this->tree->standingIn($row->id);
        // Those of the parents are fetched with them.
        $all = $tree->unions(
            array_values(array_unique([...array_map(strval(...), array_keys($standings)), ...array_column($sets, 'unionId')])),
            array_map(strval(...), array_keys($standings)));
        $unions = Union::asLived(
            array_values(array_intersect_key($all,
                array_filter($standings, static fn (Standing $standing): bool => $standing !== Standing::RuledOut))));
        $notTheirs = $this->living->isShielding() ? []
            : array_values(
                array_intersect_key($all,
                    array_filter($standings, static fn (Standing $standing): bool => $standing === Standing::RuledOut)));
        $parentUnions = array_intersect_key($all, array_flip(array_column($sets, 'unionId')));
        $people = $tree->lives(self::everyone($row->id, [...$unions, ...$notTheirs], $parentUnions), [$row->id]);
        $person = $people[$row->id];
        $own = $person->events;
        foreach ($unions as $union) {
            array_push($own, ...$union->events);
        }
        [$versions, $notes, $groups] = $this->beside($person, array_column($own, 'id'));
        $kept = array_map(
            static fn (array $lines): array => array_map(
                static fn (array $line): KeptLinesResource => new KeptLinesResource($line['words'], $line['lines']), $lines),
            $this->parts->keptLines->ofPerson($row->id, array_column($person->names, 'id'), array_column($own, 'id'),
                array_column($unions, 'id')));
        $facts = new FactResources($person, $unions, $people, new FactsBeside($versions,
            $this->roles(array_column($own, 'id'), $this->living->isShielding()), $notes, $kept,
            $this->parts->reasons->among(
                array_column(array_filter($own,
                    static fn (Event $event): bool => $event->standing === Standing::Accepted && $event->grounds() === []), 'id'))));
        // The bounds of a life can follow from those of living kin.
        $bounds = $this->living->isShielding() ? [] : $this->windows->of([$row->id])[$row->id]->days ?? [];
        $lifeline = LifeStrip::draw($own, $this->familyEvents($people, $unions, $row->id), $bounds[0] ?? null,
            $isLiving ? LivingPeople::today() : $bounds[3] ?? null);

        return new PersonPage(
            id: $person->id,
            number: $person->number,
            sex: $person->sex->value,
            version: $row->version,
            name: $person->name()->shown(),
            years: LifeYears::shown($person),
            names: $isWithheld ? [] : self::names($person, $versions),
            facts: array_map($facts->resource(...), LifeOrder::sorted($own)),
            family: FamilyEvents::of($person, $people, $unions, $parentUnions),
            world: $isWithheld ? [] : $this->parts->world->of($person),
            lifeline: new LifeStripResource(
                array_map(static fn ($m): LifeStripMark => new LifeStripMark($m->eventId, $m->word, $m->date, $m->whose, $m->personId,
                    $m->row, $m->from, $m->to, $m->softFrom,
                    $m->softTo, $m->lane, $m->lasts, $m->wordsLeft), $lifeline->marks),
                array_map(static fn (array $y): LifeStripYear => new LifeStripYear($y[0], $y[1]), $lifeline->years),
            ),
            parentSets: $this->kin->parentSets($sets, $parentUnions, $people),
            unions: $this->kin->unions($person, [...$unions, ...$notTheirs], $people,
                $tree->parentSets(array_merge(...array_column([...$unions, ...$notTheirs], 'childIds')))),
            goneKin: $this->living->isShielding() ? []
                : array_map(static fn (DeletedRelative $gone): DeletedKinResource => new DeletedKinResource($gone->entryId, $gone->word,
                    $gone->name ?: '?', $gone->madeAt),
                    $this->parts->bin->of($row->id)),
            offers: $this->parts->offers->of($person, $unions, $sets, $parentUnions, $people),
            notes: $isWithheld ? [] : $notes[$row->id] ?? [],
            kept: $isWithheld ? [] : $kept[$row->id] ?? [],
            deleting: self::weight($person, $own,
                array_sum(array_map(static fn (Union $union): int => count($union->partnersOf($person->id)) + count($union->childIds),
                    $unions)) + array_sum(array_map(static fn (ParentSet $set): int => max(1, count($set->parents)), $sets))),
            cases: $this->living->isShielding() ? [] : $this->parts->cases->about($row->id),
            groups: $groups,
            tasks: $isWithheld ? [] : $this->parts->tasks->of(['person_id' => $row->id], 50),
            isLiving: $isLiving,
            saidDeadWhy: $isWithheld ? '' : $row->said_dead_why,
            restriction: $isWithheld ? '' : $row->restriction,
            toCentre: $this->centre->termOf($row->id),
            line: $this->parts->numbers->of([$row->id])[$row->id] ?? '',
            portrait: $isWithheld ? null : PicturePages::portrait($person->id, $row->tree_id),
        );
    }

    /** @param  list<Event>  $own */
    private static function weight(Person $person, array $own, int $ties): string
    {
        $citations = array_sum(array_map(static fn (Event $event): int => count($event->grounds()), $own));

        return self::counted(count($person->events), 'fact').', '.self::counted($ties, 'family tie').' and '
            .self::counted($citations, 'citation');
    }

    private static function counted(int $count, string $word): string
    {
        return $count.' '.Str::plural($word, $count);
    }

    public function nameOf(PersonRow $row): string
    {
        $name = NameRow::query()->where('person_id', $row->id)->orderBy('position')->orderBy('ordinal')->first();

        return $name?->personalName()->shown() ?? '?';
    }

    /**
     * @param  list<Union>  $unions
     * @param  array<string, Union>  $parentUnions
     * @return list<string>
     */
    private static function everyone(string $id, array $unions, array $parentUnions): array
    {
        $ids = [$id];
        foreach ([...$unions, ...array_values($parentUnions)] as $union) {
            array_push($ids, ...$union->partnerIds, ...$union->ruledOutIds(), ...$union->childIds);
        }

        return array_values(array_unique($ids));
    }

    /**
     * Births of children and deaths of partners, below the line of the life.
     *
     * @param  array<string, Person>  $people
     * @param  list<Union>  $unions
     * @return list<array{string, Event, string}>
     */
    private function familyEvents(array $people, array $unions, string $id): array
    {
        $events = [];
        foreach ($unions as $union) {
            foreach ($union->childrenOf($id) as $childId) {
                $birth = $people[$childId]->vitals()->beginning();
                if ($birth !== null) {
                    $events[] = [$people[$childId]->name()->shown(), $birth, $childId];
                }
            }
            foreach ($union->partnersOf($id) as $partnerId) {
                $death = $people[$partnerId]->vitals()->end();
                if ($death !== null) {
                    $events[] = [$people[$partnerId]->name()->shown(), $death, $partnerId];
                }
            }
        }

        return $events;
    }

    /**
     * @param  array<string, int>  $versions
     * @return list<NameResource>
     */
    private static function names(Person $person, array $versions): array
    {
        return array_map(static fn ($name): NameResource => new NameResource(
            $name->id, $versions[$name->id], $name->kind->value, $name->kind === NameKind::Birth ? '' : $name->kind->word(),
            $name->name->shown(), $name->name->withSlashes(), $name->standing->value,
        ), $person->names);
    }

    /**
     * What stands beside the facts and names of a page, in one query.
     *
     * @param  list<string>  $eventIds
     * @return array{array<string, int>, array<string, list<NoteResource>>, list<string>} versions by fact or name; notes by owner, as
     *     whoever asks may read them; groups and marks
     */
    private function beside(Person $person, array $eventIds): array
    {
        $rows = self::of(Note::query(), $person->id, $eventIds)
            ->selectRaw("'note' AS what, id, coalesce(person_id, event_id) AS owner, ordinal, text, version, is_research");
        foreach ([[EventRow::class, $eventIds], [NameRow::class, array_column($person->names, 'id')]] as [$of, $ids]) {
            $rows->unionAll($of::query()->whereIn('id', array_filter($ids))->toBase()
                ->selectRaw("'version', id, NULL::uuid, 0, '', version, false"));
        }
        foreach ([[GroupMember::class, 'group_id'], [Marking::class, 'mark_id']] as [$of, $column]) {
            $rows->unionAll($of::query()->where('person_id', $person->id)->toBase()
                ->selectRaw("'group', {$column}, NULL::uuid, 0, '', 0, false"));
        }
        $beside = [[], [], []];
        foreach ($rows->orderBy('ordinal')->orderBy('id')->get() as $row) {
            match ($row->what) {
                'version' => $beside[0][$row->id] = $row->version,
                'note' => $beside[1][$row->owner][] = new NoteResource($row->id, $row->version, $row->text, $row->is_research),
                default => $beside[2][] = $row->id,
            };
        }

        return $beside;
    }

    /**
     * @param  list<string>  $eventIds
     * @return array<string, list<RoleResource>> by event
     */
    private function roles(array $eventIds, bool $isShielded): array
    {
        $rows = EventRole::query()->toBase()
            ->leftJoin('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'event_roles.tree_id')
                ->on('person_lines.person_id', 'event_roles.person_id'))
            ->whereIn('event_roles.event_id', $eventIds)->orderBy('event_roles.position')->orderBy('event_roles.id')
            ->get(['event_roles.id', 'event_roles.event_id', 'event_roles.role', 'event_roles.person_id', 'event_roles.words',
                'person_lines.shown_name']);
        $withheld = $isShielded ? array_flip($this->living->among(array_values($rows->pluck('person_id')->filter()->all()))) : [];
        $roles = [];
        foreach ($rows as $row) {
            $name = isset($withheld[$row->person_id]) ? ShieldedTree::WORD : ($row->shown_name ?? $row->words);
            $roles[$row->event_id][] = new RoleResource($row->id, $row->role, $row->person_id, $name);
        }

        return $roles;
    }

    /**
     * Rows that hang on a person or on the facts of their page.
     *
     * @param  Builder<Note>  $rows
     * @param  list<string>  $eventIds
     */
    private static function of(Builder $rows, string $personId, array $eventIds): QueryBuilder
    {
        return $rows->where(static fn ($either) => $either->where('person_id', $personId)->orWhereIn('event_id', $eventIds))->toBase();
    }
}
