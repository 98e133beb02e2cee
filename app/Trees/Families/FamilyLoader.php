<?php

declare(strict_types=1);

namespace App\Trees\Families;

use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\TreeModel;
use App\Models\Union;
use App\Models\UnionPartner;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Family\Couple;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Family\ParentSetTie;
use NorthBough\Core\Family\ParentTie;
use NorthBough\Core\Family\Partnership;
use NorthBough\Core\Family\PartnerSlot;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use stdClass;

/** Fetches the ties around some people, couples or ties as a graph, in a fixed number of queries. */
final readonly class FamilyLoader
{
    /** Couples of the people asked for and of their parents, and all that the children of these belong to. */
    private const COUPLES = 'WITH asked AS (SELECT unnest(?::uuid[]) AS id),
        near AS (
            SELECT id FROM asked UNION
            SELECT p.person_id FROM asked JOIN parent_sets s ON s.tree_id = ? AND s.child_id = asked.id
            JOIN parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id
        ),
        nearest AS (
            SELECT unnest(?::uuid[]) AS id UNION
            SELECT u.union_id FROM near JOIN union_partners u ON u.tree_id = ? AND u.person_id = near.id UNION
            SELECT s.union_id FROM asked JOIN parent_sets s ON s.tree_id = ? AND s.child_id = asked.id
        ),
        children AS (SELECT id FROM asked UNION SELECT s.child_id FROM nearest JOIN parent_sets s ON s.tree_id = ?
        AND s.union_id = nearest.id)
        SELECT id FROM nearest UNION SELECT s.union_id FROM children JOIN parent_sets s ON s.tree_id = ? AND s.child_id = children.id';

    public function __construct(private CurrentTree $current, private DatabaseTree $tree)
    {
    }

    /** @throws ModelNotFoundException<TreeModel> where something that is asked for is not in the tree */
    public function around(Reach $reach): FamilyGraph
    {
        $people = [...$reach->people];
        $couples = [...$reach->couples];
        foreach ($this->found(UnionPartner::class, $reach->partnerships) as $row) {
            [$people[], $couples[]] = [$row->person_id, $row->union_id];
        }
        $sets = array_column($this->found(Parentage::class, $reach->parents), 'parent_set_id');
        foreach ($this->found(ParentSet::class, array_values(array_unique([...$reach->sets, ...$sets]))) as $row) {
            [$people[], $couples[]] = [$row->child_id, $row->union_id];
        }
        $this->found(Union::class, $reach->couples);

        return $this->graph($people, $this->couples($people, $couples));
    }

    /**
     * @param  list<string>  $people
     * @param  list<string>  $couples
     * @return list<string>
     */
    private function couples(array $people, array $couples): array
    {
        $tree = $this->current->id();
        $rows = DB::select(self::COUPLES, [self::array($people), $tree, self::array($couples), $tree, $tree, $tree, $tree]);

        return array_column($rows, 'id');
    }

    /**
     * @param  list<string>  $people
     * @param  list<string>  $couples
     */
    private function graph(array $people, array $couples): FamilyGraph
    {
        $children = $this->rows('parent_sets')->whereIn('union_id', $couples)->select('child_id');
        $sets = array_map(self::set(...), $this->rows('parent_sets')->whereIn('child_id', $children)->get()->all());
        $partners = array_map(self::partnership(...), $this->rows('union_partners')->whereIn('union_id', $couples)->get()->all());
        $parents = array_map(self::parent(...), $this->rows('parentages')->whereIn('parent_set_id', array_column($sets, 'id'))->get()
            ->all());
        $told = $this->rows('unions')->whereIn('id', $couples)->get(['id', 'order_by_hand', DB::raw(
            '(SELECT count(*) FROM events WHERE events.tree_id = unions.tree_id AND events.union_id = unions.id) AS events',
        )])->map(static fn (stdClass $row): Couple => new Couple($row->id, $row->events, $row->order_by_hand))->all();

        return FamilyGraph::of(array_values([...$told, ...$partners, ...$sets, ...$parents]),
            $this->sexes([...$people, ...array_column($parents, 'personId')]), $this->tree);
    }

    /**
     * @param  list<string>  $people
     * @return array<string, Sex>
     */
    private function sexes(array $people): array
    {
        return $this->rows('people')->whereIn('id', array_values(array_unique($people)))->pluck('sex', 'id')->map(Sex::from(...))->all();
    }

    private static function set(stdClass $row): ParentSetTie
    {
        return new ParentSetTie($row->id, $row->child_id, $row->union_id, ParentageKind::from($row->kind), $row->leads, $row->position,
            $row->child_ordinal);
    }

    private static function partnership(stdClass $row): Partnership
    {
        return new Partnership($row->id, $row->union_id, $row->person_id, PartnerSlot::from($row->slot), $row->position,
            Standing::from($row->standing));
    }

    private static function parent(stdClass $row): ParentTie
    {
        return new ParentTie(
            $row->id, $row->parent_set_id, $row->person_id, ParentageKind::from($row->kind), Standing::from($row->standing),
            Proof::from($row->proof), $row->kind_words, $row->years,
        );
    }

    /**
     * @param  class-string<TreeModel>  $model
     * @param  list<string>  $ids
     * @return list<stdClass> a row for each
     */
    private function found(string $model, array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $rows = $this->rows((new $model)->getTable())->whereIn('id', $ids)->get();
        $missing = array_diff($ids, $rows->pluck('id')->all());

        return $missing === [] ? array_values($rows->all()) : throw (new ModelNotFoundException)->setModel($model, array_values($missing));
    }

    private function rows(string $table): Builder
    {
        return DB::table($table)->where("{$table}.tree_id", $this->current->id());
    }

    /** @param  list<string>  $ids */
    private static function array(array $ids): string
    {
        return '{'.implode(',', array_unique($ids)).'}';
    }
}
