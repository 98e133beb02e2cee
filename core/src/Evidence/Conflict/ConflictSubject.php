<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict;

use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** A person with all facts and ties in which conflicts are looked for. */
final readonly class ConflictSubject
{
    /**
     * @param  list<Union>  $unions  that they were partners in
     * @param  list<ParentSet>  $parentSets
     * @param  array<string, Sex>  $sexOf  of the parents, by id
     * @param  array<string, Sex>  $toldSex  by the claim that tells it
     */
    public function __construct(
        public Person $person,
        public array $unions = [],
        public array $parentSets = [],
        public array $sexOf = [],
        public array $toldSex = [],
    ) {
    }
}
