<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Cast;

use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\PersonAside;

/** Whom a drawing shows, each once, with what ties them and where its lines stop. */
final readonly class Cast
{
    /**
     * @param  list<string>  $subjectIds  from whom it was drawn, who are there
     * @param  array<string, Person>  $people  by id, in the order in which they were met
     * @param  list<Household>  $households  in the order of their partners' lives
     * @param  array<string, ParentSet>  $sets  the set by which somebody is drawn under their parents, by child
     * @param  array<string, list<Stop>>  $stops  by person
     * @param  array<string, PersonAside>  $asides  by person
     * @param  array<string, string>  $waiting  what waits for a decision, in words, by person
     */
    public function __construct(
        public array $subjectIds,
        public array $people,
        public array $households,
        public array $sets,
        public array $stops,
        public array $asides = [],
        public array $waiting = [],
    ) {
    }

    /** "Magnus Tarrel, Moll Osk and 2 more" */
    public function nameOfSubjects(): string
    {
        $names = array_map(fn (string $id): string => $this->people[$id]->name()->shown(), array_slice($this->subjectIds, 0, 3));
        $more = count($this->subjectIds) - count($names);

        return implode(', ', $names).($more > 0 ? " and {$more} more" : '');
    }
}
