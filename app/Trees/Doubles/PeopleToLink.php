<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use App\Trees\Derived\Window\StoredWindows;
use App\Trees\Loading\EveryRow;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Life\Window\Bounds;
use NorthBough\Core\Linkage\Doubles\LinkedPerson;
use NorthBough\Core\Linkage\Doubles\PeopleTable;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\EventTrait;
use stdClass;

/** Tells core what is looked at of the people of a tree to find doubles, in chunks, without a model for any row. */
final readonly class PeopleToLink
{
    /** What of the events of a life is looked at. */
    public const TRAITS = [EventTrait::Birth, EventTrait::SignOfBirth, EventTrait::Death, EventTrait::SignOfDeath];

    private const AT_ONCE = 4000;

    /** Of a list without end only those who stand near each other are told apart by it. */
    private const ON_ONE_PAGE = 60;

    public function __construct(private CurrentTree $current, private EveryRow $everybody)
    {
    }

    /** @return array<string, string> the trait that is looked at, by the code of a kind of event */
    public static function traits(): array
    {
        $traits = [];
        foreach (self::TRAITS as $trait) {
            $traits += array_fill_keys(EventKinds::codesOf($trait), $trait->value);
        }

        return $traits;
    }

    /** Everybody, as the whole tree is searched. */
    public function all(): PeopleTable
    {
        $table = new PeopleTable;
        foreach ($this->everybody->people(self::AT_ONCE) as $ids) {
            $this->add($table, $ids);
        }
        $this->ties($table);
        $this->onOneRecord($table);

        return $table;
    }

    /** @param  list<string>  $ids  in the order of EveryRow */
    private function add(PeopleTable $table, array $ids): void
    {
        $names = $this->names($ids);
        $events = $this->events($ids);
        $span = [$ids[0], $ids[count($ids) - 1]];
        // Two ranges and no join: where a tree has just come in, a join of the two is planned for a tree of nobody.
        $windows = $this->rows('life_windows')->whereBetween('person_id', $span)->get(['person_id', ...StoredWindows::COLUMNS])
            ->keyBy('person_id');
        $people = $this->rows('people')->whereBetween('id', $span)->orderBy('id')->get(['id', 'sex']);
        foreach ($people as $row) {
            $of = $events[$row->id] ?? [];
            [$birth, $baptism, $death, $burial] = [$of['birth'] ?? null, $of['sign of a birth'] ?? null, $of['death'] ?? null,
                $of['sign of a death'] ?? null];
            $table->add(new LinkedPerson(
                $row->id, Sex::from($row->sex), $names[$row->id] ?? [],
                self::span($birth), self::span($baptism), $birth->place_typed ?? $baptism->place_typed ?? '',
                self::span($death), self::span($burial), $death->place_typed ?? $burial->place_typed ?? '',
                new Bounds(array_map(static fn (string $column): ?int => $windows[$row->id]->{$column} ?? null,
                    StoredWindows::COLUMNS)),
            ));
        }
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, list<PersonalName>>
     */
    private function names(array $ids): array
    {
        $names = [];
        foreach ($this->rows('names')->whereBetween('person_id', [$ids[0], $ids[count($ids) - 1]])->where('standing', '<>', 'ruled out')
            ->orderBy('position')
            ->get(['person_id', 'given', 'surname_prefix', 'surname', 'nickname']) as $row) {
            $names[$row->person_id][] = PersonalName::of($row->given, $row->surname, $row->surname_prefix, '', '', $row->nickname);
        }

        return $names;
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, array<string, stdClass>> by person and trait, the one that leads
     */
    private function events(array $ids): array
    {
        $traits = self::traits();
        $events = [];
        $rows = $this->rows('events')->whereBetween('person_id', [$ids[0], $ids[count($ids) - 1]])->whereIn('kind', array_keys($traits))
            ->where('denied', false)
            ->whereIn('standing', ['accepted', 'unweighed'])->orderByRaw("standing = 'accepted' DESC, position")
            ->get(['person_id', 'kind', 'date_begin_lo', 'date_begin_hi', 'date_end_hi', 'place_typed']);
        foreach ($rows as $row) {
            $events[$row->person_id][$traits[$row->kind]] ??= $row;
        }

        return $events;
    }

    private function ties(PeopleTable $table): void
    {
        $parents = $this->rows('counted_parentages')
            ->join('parent_sets', static fn ($join) => $join->on('parent_sets.tree_id', 'counted_parentages.tree_id')
                ->on('parent_sets.id', 'counted_parentages.parent_set_id'))
            ->orderBy('parent_sets.child_id')->orderByDesc('parent_sets.leads')->orderBy('counted_parentages.id');
        foreach ($parents->select(['parent_sets.child_id', 'counted_parentages.person_id'])->cursor() as $row) {
            $table->parent($row->child_id, $row->person_id);
        }
        $couples = $this->rows('counted_partners as a')
            ->join('counted_partners as b', static fn ($join) => $join->on('b.tree_id', 'a.tree_id')->on('b.union_id', 'a.union_id')
                ->on('b.person_id', '>', 'a.person_id'))
            ->leftJoin('events', static fn ($join) => $join->on('events.tree_id', 'a.tree_id')->on('events.union_id', 'a.union_id')
                ->where('events.kind', 'marriage')->where('events.denied', false)->whereIn('events.standing', ['accepted', 'unweighed']))
            ->orderBy('a.union_id')->orderByDesc('events.position')
            ->select(['a.person_id', 'b.person_id as other_id', 'events.date_begin_lo', 'events.date_begin_hi', 'events.date_end_hi']);
        foreach ($couples->cursor() as $row) {
            $table->couple($row->person_id, $row->other_id, self::span($row));
        }
    }

    /** Whoever stands on two lines of one record was held for two people by whoever wrote it. */
    private function onOneRecord(PeopleTable $table): void
    {
        $lines = $this->rows('placings')->where('placings.state', 'placed')->whereNotNull('placings.person_id')
            ->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'placings.tree_id')
                ->on('roll_lines.id', 'placings.roll_line_id'))
            ->orderBy('roll_lines.record_id')->select(['roll_lines.record_id', 'placings.person_id'])->cursor();
        $record = '';
        $there = [];
        foreach ($lines as $line) {
            if ($line->record_id !== $record) {
                [$record, $there] = [$line->record_id, []];
            }
            foreach (array_slice($there, -self::ON_ONE_PAGE) as $other) {
                $other === $line->person_id || $table->apart($line->person_id, $other);
            }
            $there[] = $line->person_id;
        }
    }

    private static function span(?stdClass $row): ?DaySpan
    {
        return $row?->date_begin_lo === null && $row?->date_begin_hi === null ? null
            : DaySpan::between($row->date_begin_lo, $row->date_end_hi ?? $row->date_begin_hi);
    }

    private function rows(string $table): Builder
    {
        $name = explode(' as ', $table)[1] ?? $table;

        return DB::table($table)->where("{$name}.tree_id", $this->current->id());
    }
}
