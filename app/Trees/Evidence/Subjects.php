<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Trees\CurrentTree;
use App\Trees\DatabaseTree;
use App\Trees\Gazetteers;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Compare\KnownPlaces;
use NorthBough\Core\Evidence\Conflict\Conflict;
use NorthBough\Core\Evidence\Conflict\Conflicts;
use NorthBough\Core\Evidence\Conflict\Subject;
use NorthBough\Core\Place\Gazetteer;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Sex;
use NorthBough\Core\Tree\Union;

/** Fetches what conflicts of some people are looked for in, no more than each needs, and has them found. */
final readonly class Subjects
{
    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private Gazetteers $gazetteers)
    {
    }

    /**
     * @param  list<string>  $personIds
     * @return array<string, list<Conflict>> by person; whoever has none is missing
     */
    public function conflicts(array $personIds): array
    {
        $suspects = $this->suspects($personIds);
        if ($suspects === []) {
            return [];
        }
        $events = $this->tree->eventsOf(array_keys($suspects));
        $wed = array_keys(array_filter($suspects, static fn (array $why): bool => $why['unions']));
        $unions = $wed === [] ? [] : $this->tree->unionsOf($wed);
        $born = array_keys(array_filter($suspects, static fn (array $why): bool => $why['parents']));
        $sets = $born === [] ? [] : $this->tree->parentSets($born);
        $found = [];
        foreach (array_keys($suspects) as $id) {
            $subject = new Subject(new Person($id, 0, Sex::Unknown, [], $events[$id] ?? []), $unions[$id] ?? [], $sets[$id] ?? [], $this->sexes($sets[$id] ?? []));
            $conflicts = Conflicts::of($subject, KnownPlaces::lazily(fn (): Gazetteer => $this->gazetteers->bearing(...self::places($subject))));
            if ($conflicts !== []) {
                $found[$id] = $conflicts;
            }
        }

        return $found;
    }

    /**
     * Those of whom something is told twice that can be one only, in one query: everybody else costs no more than this.
     *
     * @param  list<string>  $personIds
     * @return array<string, array{unions: bool, parents: bool}> what else has to be looked at, by person
     */
    private function suspects(array $personIds): array
    {
        $ids = '{'.implode(',', $personIds).'}';
        $rows = DB::select("SELECT person_id, bool_or(denied) OR count(*) FILTER (WHERE date_begin_lo = date_begin_hi) > count(DISTINCT date_begin_lo) FILTER (WHERE date_begin_lo = date_begin_hi) AS unions, false AS parents
            FROM events WHERE tree_id = ? AND person_id = ANY(?::uuid[]) AND standing <> 'ruled out'
            GROUP BY person_id HAVING count(*) FILTER (WHERE kind = 'birth') > 1 OR count(*) FILTER (WHERE kind = 'death') > 1 OR bool_or(denied)
                OR count(*) FILTER (WHERE date_begin_lo = date_begin_hi) > count(DISTINCT date_begin_lo) FILTER (WHERE date_begin_lo = date_begin_hi)
            UNION ALL SELECT child_id, false, true FROM parent_sets WHERE tree_id = ? AND child_id = ANY(?::uuid[]) GROUP BY child_id HAVING count(*) > 1",
            [$this->current->id(), $ids, $this->current->id(), $ids]);
        $suspects = [];
        foreach ($rows as $row) {
            $before = $suspects[$row->person_id] ?? ['unions' => false, 'parents' => false];
            $suspects[(string) $row->person_id] = ['unions' => $before['unions'] || $row->unions, 'parents' => $before['parents'] || $row->parents];
        }

        return $suspects;
    }

    /**
     * @param  list<\NorthBough\Core\Tree\ParentSet>  $sets
     * @return array<string, Sex> of the parents, by id
     */
    private function sexes(array $sets): array
    {
        $ids = [];
        foreach ($sets as $set) {
            array_push($ids, ...array_map(static fn ($tie): string => $tie->personId, $set->parents));
        }

        return $ids === [] ? [] : array_map(Sex::from(...), DB::table('people')->where('tree_id', $this->current->id())->whereIn('id', array_unique($ids))->pluck('sex', 'id')->all());
    }

    /** @return list<string> */
    private static function places(Subject $subject): array
    {
        $events = [$subject->person->events, ...array_map(static fn (Union $union): array => $union->events, $subject->unions)];

        return array_values(array_unique(array_filter(array_map(static fn (Event $event): string => $event->place, array_merge(...$events)))));
    }
}
