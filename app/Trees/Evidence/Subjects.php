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
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Sex;

/** Fetches what conflicts of some people are looked for in, and has them found. */
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
        $people = $this->tree->lives($personIds);
        $unions = $this->tree->unionsOf($personIds);
        $sets = $this->tree->parentSets($personIds);
        $parents = [];
        foreach ($sets as $ofPerson) {
            foreach ($ofPerson as $set) {
                array_push($parents, ...array_map(static fn ($tie): string => $tie->personId, $set->parents));
            }
        }
        $sexes = array_map(Sex::from(...), DB::table('people')->where('tree_id', $this->current->id())->whereIn('id', array_unique($parents))->pluck('sex', 'id')->all());
        $found = [];
        foreach ($people as $id => $person) {
            $subject = new Subject($person, $unions[$id] ?? [], $sets[$id] ?? [], $sexes);
            $words = array_values(array_unique(array_filter(array_map(static fn (Event $event): string => $event->place, $person->events))));
            foreach ($subject->unions as $union) {
                array_push($words, ...array_filter(array_map(static fn (Event $event): string => $event->place, $union->events)));
            }
            $conflicts = Conflicts::of($subject, new KnownPlaces($this->gazetteers->bearing(...$words)));
            if ($conflicts !== []) {
                $found[$id] = $conflicts;
            }
        }

        return $found;
    }
}
