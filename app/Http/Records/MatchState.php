<?php

declare(strict_types=1);

namespace App\Http\Records;

use NorthBough\Core\Life\Window\Bounds;
use NorthBough\Core\Linkage\HouseholdMatch;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Record\RecordComparison;
use NorthBough\Core\Tree\Person;

/** Where the lines of a record stand while they are matched: who is on them, who could be, and what it is held against. */
final readonly class MatchState
{
    /**
     * @param  array<string, string>  $placed  person by line
     * @param  array<string, Person>  $people
     * @param  array<string, Bounds>  $windows  of the lives that were settled, by person
     */
    public function __construct(
        public array $placed,
        public array $people,
        public array $windows,
        public HouseholdMatch $match,
        public RecordComparison $against,
        public NameVariants $variants,
    ) {
    }
}
