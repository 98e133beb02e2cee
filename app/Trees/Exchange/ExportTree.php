<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Out\AttachedRows;
use NorthBough\Core\Gedcom\Out\PersonRows;
use NorthBough\Core\Gedcom\Out\Pointers;
use NorthBough\Core\Gedcom\Out\TreeRows;
use NorthBough\Core\Gedcom\Out\UnionRows;
use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\MembershipKind;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Tree\Standing;

/** The current tree as rows for a file, some hundred records at a time, in the order in which they were stored. */
final class ExportTree implements TreeRows
{
    private const AT_ONCE = 500;

    /** A file tells how the tie stands, not how each parent's does: the first parent's counts. */
    private const STANDING = '(SELECT p.standing FROM parentages p WHERE p.tree_id = parent_sets.tree_id
        AND p.parent_set_id = parent_sets.id ORDER BY p.id LIMIT 1) AS standing,
        (SELECT p.proof FROM parentages p WHERE p.tree_id = parent_sets.tree_id AND p.parent_set_id = parent_sets.id
        ORDER BY p.id LIMIT 1) AS proof';

    private ?Pointers $pointers = null;

    /** @var array<string, GroupRow>|null */
    private ?array $groups = null;

    private readonly KeptPointers $keptPointers;

    public function __construct(private readonly CurrentTree $current)
    {
        $this->keptPointers = new KeptPointers($current);
    }

    public function treeName(): string
    {
        return $this->current->get()->name;
    }

    public function head(): string
    {
        $heads = $this->rows('imports')->limit(2)->pluck('head');

        return $heads->count() === 1 ? (string) $heads->first() : '';
    }

    public function pointers(): Pointers
    {
        if ($this->pointers === null) {
            $this->pointers = $this->keptPointers->all();
            $this->pointers->pointedAt((new QuestionExport($this->current))->pointedAt());
            $this->pointers->pointedAt((new TextExport($this->current))->pointedAt());
        }

        return $this->pointers;
    }

    public function people(): iterable
    {
        foreach ($this->chunks('people', 'number') as $people) {
            $ids = $people->pluck('id');
            $names = $this->owned('names', 'person_id', $ids, FileRows::name(...), 'position');
            $events = $this->owned('events', 'person_id', $ids, FileRows::event(...), 'position');
            $sets = $this->owned('parent_sets', 'child_id', $ids, FileRows::parentSet(...), 'position', self::STANDING);
            $partners = $this->owned('union_partners', 'person_id', $ids, FileRows::partner(...), 'position');
            $setIds = $this->ids($sets);
            $parents = $this->parents($setIds);
            $attached = $this->attached(
                ['parentage' => $this->ids($parents), 'person' => $ids, 'name' => $this->ids($names), 'event' => $this->ids($events),
                    'parent_set' => $setIds, 'union_partner' => $this->ids($partners)]);
            $couples = $this->couples(collect($sets)->flatten(1)->pluck('unionId')->unique());
            foreach ($people as $row) {
                yield [new PersonRows(FileRows::person($row), $names[$row->id] ?? [], $events[$row->id] ?? [], $sets[$row->id] ?? [],
                    $partners[$row->id] ?? [], $parents, $couples), $attached];
            }
        }
    }

    public function unions(): iterable
    {
        foreach ($this->chunks('unions', 'ordinal') as $unions) {
            $ids = $unions->pluck('id');
            $partners = $this->owned('union_partners', 'union_id', $ids, FileRows::partner(...), 'slot');
            $children = $this->owned('parent_sets', 'union_id', $ids, FileRows::parentSet(...), 'child_ordinal');
            $events = $this->owned('events', 'union_id', $ids, FileRows::event(...), 'position');
            $attached = $this->attached(
                ['union' => $ids, 'union_partner' => $this->ids($partners), 'parent_set' => $this->ids($children),
                    'event' => $this->ids($events)]);
            $names = $this->namesOf(collect($partners)->flatten(1)
                ->filter(static fn (UnionPartnerRow $partner): bool => $partner->standing === Standing::RuledOut)->pluck('personId'));
            foreach ($unions as $row) {
                yield [new UnionRows(FileRows::union($row), $partners[$row->id] ?? [], $children[$row->id] ?? [], $events[$row->id] ?? [],
                    $names), $attached];
            }
        }
    }

    public function sources(): iterable
    {
        foreach ($this->chunks('sources', 'ordinal') as $sources) {
            $attached = $this->attached(['source' => $sources->pluck('id')]);
            foreach ($sources as $row) {
                if ($this->pointers()->has($row->id)) {
                    yield [FileRows::source($row), $attached];
                }
            }
        }
    }

    public function repositories(): iterable
    {
        foreach ($this->chunks('repositories', 'ordinal') as $repositories) {
            $attached = $this->attached(['repository' => $repositories->pluck('id')]);
            foreach ($repositories as $row) {
                yield [FileRows::repository($row), $attached];
            }
        }
    }

    public function pictures(): iterable
    {
        return (new PictureExport($this->current))->all();
    }

    public function questions(): iterable
    {
        return (new QuestionExport($this->current))->ofLines();
    }

    public function searches(): iterable
    {
        $people = $this->rows('search_people')->orderBy('id')->get(['search_id', 'person_id'])->groupBy('search_id');
        foreach ($this->rows('searches')->orderBy('position')->orderBy('id')->cursor() as $row) {
            yield FileRows::search($row, array_values(array_map(strval(...), $people->get($row->id)?->pluck('person_id')->all() ?? [])));
        }
    }

    public function texts(): iterable
    {
        return (new TextExport($this->current))->all();
    }

    public function otherRecords(): iterable
    {
        $columns = array_map(static fn (string $kind): string => "{$kind}_id", KeptRow::OWNERS);
        $rows = $this->rows('kept')->whereRaw('num_nonnulls('.implode(',', $columns).') = 0')->orderBy('import_id')->orderBy('ordinal')
            ->cursor();
        foreach ($rows as $row) {
            yield $this->keptPointers->renamed(FileRows::kept($row, null), $row->import_id);
        }
    }

    /**
     * @param  Collection<int, string>  $setIds
     * @return array<string, list<ParentageRow>> by set
     */
    private function parents(Collection $setIds): array
    {
        $parents = [];
        $rows = $this->rows('parentages')->whereIn('parent_set_id', $setIds)->select('parentages.*')
            ->selectSub(QuestionExport::decidedBy('parentage', 'parentages.id'), 'decided_by');
        foreach ($rows->orderBy('parentages.id')->get() as $row) {
            $parents[$row->parent_set_id][] = FileRows::parentage($row);
        }

        return $parents;
    }

    /**
     * @param  Collection<int, string>  $personIds
     * @return array<string, string> by person
     */
    private function namesOf(Collection $personIds): array
    {
        return $personIds->isEmpty() ? [] : $this->rows('person_lines')->whereIn('person_id', $personIds)->pluck('shown_name', 'person_id')
            ->all();
    }

    /**
     * @param  Collection<int, string>  $unionIds
     * @return array<string, list<string>> whom the record of each family names, by union
     */
    private function couples(Collection $unionIds): array
    {
        $couples = [];
        foreach ($this->rows('counted_partners')->whereIn('union_id', $unionIds)->where('side', '<>', 'person')->orderBy('id')
            ->get(['union_id', 'person_id']) as $row) {
            $couples[$row->union_id][] = $row->person_id;
        }

        return $couples;
    }

    /** @return \Generator<int, Collection<int, \stdClass>> by keyset, so that the last chunk costs what the first does */
    private function chunks(string $table, string $order): \Generator
    {
        $last = null;
        do {
            $query = $this->rows($table)->orderBy($order)->orderBy('id')->limit(self::AT_ONCE);
            if ($last !== null) {
                $query->whereRaw("({$order}, id) > (?, ?)", [$last->{$order}, $last->id]);
            }
            $rows = $query->get();
            if ($rows->isNotEmpty()) {
                yield $rows;
            }
            $last = $rows->last();
        } while ($rows->count() === self::AT_ONCE);
    }

    /**
     * @template T
     *
     * @param  Collection<int, string>  $ids
     * @param  callable(\stdClass): T  $make
     * @return array<string, list<T>> by owner
     */
    private function owned(string $table, string $column, Collection $ids, callable $make, string $order, string $more = ''): array
    {
        $owned = [];
        $rows = $this->rows($table)->select("{$table}.*")->when($more !== '', static fn (Builder $query) => $query->selectRaw($more));
        foreach ($rows->whereIn($column, $ids)->orderBy($order)->orderBy('ordinal')->orderBy('id')->get() as $row) {
            $owned[$row->{$column}][] = $make($row);
        }

        return $owned;
    }

    /**
     * @param  array<string, list<object>>  $rows
     * @return Collection<int, string>
     */
    private function ids(array $rows): Collection
    {
        return collect($rows)->flatten(1)->pluck('id');
    }

    /** @param  array<string, Collection<int, string>>  $owners ids by kind of owner */
    private function attached(array $owners): AttachedRows
    {
        $claims = [];
        foreach (array_intersect_key($owners, array_flip(['person', 'name', 'event', 'union', 'parentage'])) as $kind => $ids) {
            $claims += (new ClaimExport($this->current))->of($kind, $ids);
        }
        $notes = $this->hanging('notes',
            array_intersect_key($owners, array_flip(['person', 'name', 'event', 'union', 'source', 'repository'])), FileRows::note(...));
        $recordIds = collect($claims)->flatten(1)->pluck('recordId')->unique();
        $records = [];
        foreach ($this->rows('records')->whereIn('id', $recordIds)->get() as $row) {
            $records[$row->id] = FileRows::record($row);
        }
        $kept = $this->hanging('kept',
            [...array_diff_key($owners, ['parentage' => 1]), 'claim' => $this->ids($claims), 'note' => $this->ids($notes)],
            fn (\stdClass $row, string $kind): KeptRow => $this->keptPointers->renamed(FileRows::kept($row, $kind), $row->import_id));

        $roles = $this->hanging('event_roles', array_intersect_key($owners, ['event' => 1]),
            static fn (\stdClass $row, string $kind): RoleRow => FileRows::role($row));

        $rolls = new RollRecords($this->current);
        $sources = $owners['source'] ?? collect();

        return new AttachedRows($notes, $claims, $records, $kept, $roles, $this->work($owners['person'] ?? collect()), $this->groups(),
            $sources->isEmpty() ? [] : $rolls->of($sources), $sources->isEmpty() ? [] : $rolls->kinds(), (new PictureExport($this->current))
                ->links($owners));
    }

    /**
     * @template T
     *
     * @param  array<string, Collection<int, string>>  $owners
     * @param  callable(\stdClass, string): T  $make
     * @return array<string, list<T>> by owner
     */
    private function hanging(string $table, array $owners, callable $make): array
    {
        $hanging = [];
        foreach ($owners as $kind => $ids) {
            if ($ids->isEmpty()) {
                continue;
            }
            $rows = $this->rows($table)->whereIn("{$kind}_id", $ids)->orderBy('ordinal')->orderBy('id');
            foreach ($rows->get() as $row) {
                $hanging[$row->{"{$kind}_id"}][] = $make($row, $kind);
            }
        }

        return $hanging;
    }

    /**
     * @param  Collection<int, string>  $personIds
     * @return array<string, list<TaskRow|MemberRow|QuestionRow>> by person
     */
    private function work(Collection $personIds): array
    {
        $work = [];
        if ($personIds->isEmpty()) {
            return $work;
        }
        foreach ($this->rows('tasks')->whereIn('person_id', $personIds)->orderBy('position')->orderBy('id')->get() as $row) {
            $work[$row->person_id][] = FileRows::task($row);
        }
        foreach ((new QuestionExport($this->current))->ofPeople($personIds) as $personId => $questions) {
            $work[$personId] = [...$work[$personId] ?? [], ...$questions];
        }
        foreach ([[MembershipKind::Group, 'group_members'], [MembershipKind::Mark, 'markings']] as [$kind, $table]) {
            foreach ($this->rows($table)->whereIn('person_id', $personIds)->orderBy('id')->get() as $row) {
                $work[$row->person_id][] = FileRows::member($row, $kind);
            }
        }

        return $work;
    }

    /** @return array<string, GroupRow> groups and marks by id: as many as somebody made by hand */
    private function groups(): array
    {
        if ($this->groups === null) {
            $this->groups = [];
            foreach ([[MembershipKind::Group, 'groups'], [MembershipKind::Mark, 'marks']] as [$kind, $table]) {
                foreach ($this->rows($table)->get() as $row) {
                    $this->groups[$row->id] = FileRows::group($row, $kind);
                }
            }
        }

        return $this->groups;
    }

    private function rows(string $table): Builder
    {
        return DB::table($table)->where('tree_id', $this->current->id());
    }
}
