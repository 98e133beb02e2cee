<?php

declare(strict_types=1);

namespace App\Trees\Loading;

use App\Models\Casts\DateColumns;
use App\Trees\Kinds\TreeEventKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;

/**
 * What the kinship of some people is worked out from, in two queries however old the tree: everybody above them,
 * above their partners and above the partners of their parents, and the unions of those nearest. People come without
 * names, with the events that tell whether a union can have stood.
 */
final readonly class KinNeighbourhood
{
    /** What tells whether a union can have stood. */
    private const OF_LIFE = [EventTrait::Birth, EventTrait::SignOfBirth, EventTrait::Death, EventTrait::SignOfDeath];

    /** The people asked for, their partners, their parents and the partners of these; then all above them. */
    private const ABOVE = 'WITH RECURSIVE asked AS (SELECT unnest(?::uuid[]) AS id),
        parents AS (
            SELECT p.person_id AS id FROM asked JOIN parent_sets s ON s.tree_id = ? AND s.child_id = asked.id
            JOIN parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id
        ),
        near AS (SELECT id FROM asked UNION SELECT id FROM parents),
        mates AS (
            SELECT other.person_id AS id FROM near JOIN counted_partners own ON own.tree_id = ? AND own.person_id = near.id
            JOIN counted_partners other ON other.tree_id = own.tree_id AND other.union_id = own.union_id
        ),
        above(id) AS (
            SELECT id FROM near UNION SELECT id FROM mates
            UNION
            SELECT p.person_id FROM above JOIN parent_sets s ON s.tree_id = ? AND s.child_id = above.id
            JOIN parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id
        )
        SELECT above.id AS child_id,
            s.id AS set_id, s.union_id, s.leads, p.person_id, p.kind, p.standing, p.proof, who.sex,
            CASE WHEN above.id IN (SELECT id FROM near) THEN (
                SELECT json_agg(json_build_array(partner.union_id, partner.person_id, partner.standing, own.position, own.id))
                FROM counted_partners own JOIN counted_partners partner ON partner.tree_id = own.tree_id AND partner.union_id = own.union_id
                WHERE own.tree_id = ? AND own.person_id = above.id
            ) END AS unions
        FROM above
        LEFT JOIN people who ON who.tree_id = ? AND who.id = above.id AND above.id IN (SELECT id FROM near UNION SELECT id FROM mates)
        LEFT JOIN parent_sets s ON s.tree_id = ? AND s.child_id = above.id
        LEFT JOIN parentages p ON p.tree_id = s.tree_id AND p.parent_set_id = s.id
        ORDER BY s.leads DESC, s.id, p.id';

    public function __construct(private CurrentTree $current, private TreeEventKinds $kinds)
    {
    }

    /** @param  list<string>  $personIds */
    public function of(array $personIds): Snapshot
    {
        $treeId = $this->current->id();
        $rows = DB::select(self::ABOVE, ['{'.implode(',', $personIds).'}', $treeId, $treeId, $treeId, $treeId, $treeId, $treeId]);
        $sets = [];
        $near = [];
        $unions = [];
        foreach ($rows as $row) {
            if ($row->set_id !== null) {
                $sets[$row->set_id] ??= ['child' => $row->child_id, 'union' => $row->union_id, 'leads' => $row->leads, 'parents' => []];
                if ($row->person_id !== null) {
                    $sets[$row->set_id]['parents'][] = new Parentage($row->person_id, ParentageKind::from($row->kind),
                        Standing::from($row->standing), Proof::from($row->proof));
                }
            }
            $near += $row->sex === null ? [] : [$row->child_id => $row->sex];
            $unions += $row->unions === null ? [] : [$row->child_id => $row->unions];
        }
        $partners = self::partners(array_values($unions));
        $events = $this->events(array_keys($near), array_keys($partners));

        return new Snapshot(
            array_map(static fn (string $id): Person => new Person($id, 0, Sex::from($near[$id]), [], $events[$id] ?? []),
                array_map(strval(...), array_keys($near))),
            array_map(static fn (string $id): Union => new Union($id, array_keys($partners[$id]), $events[$id] ?? [], [],
                standings: $partners[$id]),
                array_map(strval(...), array_keys($partners))),
            array_map(static fn (string $id): ParentSet => new ParentSet($id, $sets[$id]['child'], $sets[$id]['union'], $sets[$id]['leads'],
                $sets[$id]['parents']),
                array_map(strval(...), array_keys($sets))),
        );
    }

    /**
     * @param  list<string>  $told  unions of one person each: union, partner, standing, and where it stands in that life
     * @return array<string, array<string, Standing>> by union, then by partner; nobody who was ruled out
     */
    private static function partners(array $told): array
    {
        /** @var list<array{string, string, string, int, string}> $ties */
        $ties = array_merge(
            ...array_map(static fn (string $unions): array => json_decode($unions, true, flags: JSON_THROW_ON_ERROR), $told), ...[[]]);
        usort($ties, static fn (array $a, array $b): int => [$a[3], $a[4]] <=> [$b[3], $b[4]]);
        $partners = [];
        foreach ($ties as [$unionId, $personId, $standing]) {
            $partners[$unionId][$personId] = Standing::from($standing);
        }

        return $partners;
    }

    /** @return list<string> kinds of event that tell whether a union can have stood */
    private static function telling(): array
    {
        return array_merge(['marriage', 'divorce', 'annulment'], ...array_map(EventKinds::codesOf(...), self::OF_LIFE));
    }

    /**
     * @param  list<string>  $personIds
     * @param  list<string>  $unionIds
     * @return array<string, list<Event>> by owner
     */
    private function events(array $personIds, array $unionIds): array
    {
        $own = $this->kinds->saying(...self::OF_LIFE);
        $rows = DB::table('events')->where('tree_id', $this->current->id())
            ->where(static fn ($any) => $any->whereIn('kind', self::telling())->when($own !== [],
                static fn ($any) => $any->orWhere(static fn ($both) => $both->whereIn('kind', EventKinds::OF_OWN_WORDS)
                    ->whereIn(DB::raw('lower(type_words)'), $own))))
            ->where(static fn ($either) => $either->whereIn('person_id', $personIds)->orWhereIn('union_id', $unionIds))
            ->orderBy('position')->orderBy('ordinal')->orderBy('id')->get();
        $events = [];
        foreach ($rows as $row) {
            $events[$row->person_id ?? $row->union_id][] = new Event($row->id, $row->kind, '', '', DateColumns::restore((array) $row), '',
                $row->denied, [], Standing::from($row->standing), custom: $this->kinds->named($row->kind, $row->type_words));
        }

        return $events;
    }
}
