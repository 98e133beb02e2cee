<?php

declare(strict_types=1);

namespace App\Trees\Loading;

use App\Trees\Scope\CurrentTree;
use Closure;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Kin\Numbering\LineRows;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;
use stdClass;

/** What a numbering needs of the current tree: a fixed number of queries for however many people, and nothing of their lives. */
final readonly class StoredLineRows implements LineRows
{
    /** How many people are asked about by name of each. */
    private const AT_ONCE = 10000;

    /** @param  Closure(list<string>): list<string>  $withheldAmong  whose days of birth whoever asks may not read */
    public function __construct(
        private CurrentTree $current,
        private DatabaseTree $tree,
        private StoredBirths $births,
        private Closure $withheldAmong,
    ) {
    }

    public function unionsOf(array $personIds): array
    {
        $partners = $this->ask('SELECT own.person_id AS whose, own.union_id, other.person_id FROM counted_partners own
            JOIN counted_partners other ON other.tree_id = own.tree_id AND other.union_id = own.union_id',
            'own.person_id', $personIds, 'own.position, own.id, other.slot, other.id');

        return $this->unions($partners, $this->sets('s.union_id', array_values(array_unique(array_column($partners, 'union_id')))));
    }

    public function leadingSets(array $childIds): array
    {
        return self::leading($this->sets('s.child_id', $childIds));
    }

    public function births(array $personIds): array
    {
        return $this->told($this->births->spans($personIds));
    }

    /**
     * @param  list<string>  $personIds
     * @return array<string, list<string>> ids of unions as they were lived, by partner
     */
    public function unionIdsAsLived(array $personIds): array
    {
        $rows = $this->ask('SELECT person_id AS whose, union_id, person_id FROM counted_partners', 'counted_partners.person_id', $personIds,
            'position, id');

        return array_map(static fn (array $unions): array => array_column($unions, 'id'), $this->unions($rows, []));
    }

    /** @return array<string, DaySpan> the same of everybody */
    public function birthsOfEverybody(): array
    {
        return $this->told($this->births->spans(null));
    }

    /**
     * @param  array<string, DaySpan>  $spans
     * @return array<string, DaySpan> those that whoever asks may read
     */
    private function told(array $spans): array
    {
        $told = [];
        foreach (array_chunk($spans, self::AT_ONCE, true) as $some) {
            $told += array_diff_key($some, array_flip(($this->withheldAmong)(array_map(strval(...), array_keys($some)))));
        }

        return $told;
    }

    /**
     * Children stand in hand order: who counts them puts them in order of birth.
     *
     * @param  list<stdClass>  $partners
     * @param  list<stdClass>  $sets
     * @return array<string, list<Union>> by partner
     */
    private function unions(array $partners, array $sets): array
    {
        $together = [];
        $whose = [];
        foreach ($partners as $row) {
            $together[$row->union_id][$row->person_id] = true;
            $whose[$row->whose][$row->union_id] = true;
        }
        $children = [];
        $disproved = [];
        foreach ($sets as $row) {
            $children[$row->union_id][$row->child_id] = true;
            if ($row->standing === 'ruled out') {
                $disproved[$row->union_id][$row->child_id][] = $row->person_id;
            }
        }
        $weddings = $this->weddings(array_keys(array_filter($whose, static fn (array $ids): bool => count($ids) > 1)));
        $unions = [];
        foreach ($whose as $personId => $ids) {
            $own = [];
            foreach (array_keys($ids) as $id) {
                $wedding = $weddings[$personId][$id] ?? null;
                $own[] = new Union((string) $id, array_map(strval(...), array_keys($together[$id])), $wedding === null ? [] : [$wedding],
                    array_map(strval(...), array_keys($children[$id] ?? [])), disproved: $disproved[$id] ?? []);
            }
            $unions[(string) $personId] = isset($own[1]) ? Union::asLived($own) : $own;
        }

        return $unions;
    }

    /**
     * @param  list<array-key>  $personIds  those with several unions
     * @return array<array-key, array<array-key, \NorthBough\Core\Tree\Event>> by partner and union
     */
    private function weddings(array $personIds): array
    {
        $weddings = [];
        foreach (array_chunk(array_map(strval(...), $personIds), self::AT_ONCE) as $chunk) {
            $weddings += $this->tree->weddings($chunk);
        }

        return $weddings;
    }

    /**
     * @param  list<stdClass>  $rows
     * @return array<string, ParentSet> by child
     */
    private static function leading(array $rows): array
    {
        $parents = [];
        $sets = [];
        foreach ($rows as $row) {
            $sets[$row->child_id][$row->id] = $row;
            if ($row->person_id !== null) {
                $parents[$row->id][] = new Parentage($row->person_id, ParentageKind::from($row->kind), Standing::from($row->standing),
                    Proof::from($row->proof));
            }
        }
        $leading = [];
        foreach ($sets as $childId => $ofChild) {
            if (count($ofChild) > 1) {
                usort($ofChild, static fn (stdClass $a, stdClass $b): int => [! $a->leads, $a->position, $a->id]
                    <=> [! $b->leads, $b->position, $b->id]);
            }
            $list = [];
            foreach ($ofChild as $row) {
                $list[] = new ParentSet($row->id, $row->child_id, $row->union_id, $row->leads, $parents[$row->id] ?? []);
            }
            $set = ParentSet::leadingOf($list);
            if ($set !== null) {
                $leading[(string) $childId] = $set;
            }
        }

        return $leading;
    }

    /**
     * @param  string  $column  of what ids are given
     * @param  list<string>  $ids
     * @return list<stdClass> sets of parents in the hand order of children, a row for each parent
     */
    private function sets(string $column, array $ids): array
    {
        return $this->ask('SELECT s.id, s.child_id, s.union_id, s.leads, s.position, p.person_id, p.kind, p.standing, p.proof
            FROM parent_sets s LEFT JOIN parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id', $column, $ids,
            's.child_ordinal < 0, s.child_ordinal, s.id, p.id');
    }

    /**
     * @param  list<string>  $ids
     * @return list<stdClass>
     */
    private function ask(string $select, string $column, array $ids, string $order): array
    {
        [$table] = explode('.', $column);

        return $ids === [] ? [] : array_values(DB::select("{$select} WHERE {$table}.tree_id = ? AND {$column} = ANY(?::uuid[])
            ORDER BY {$order}", [$this->current->id(), '{'.implode(',', $ids).'}']));
    }
}
