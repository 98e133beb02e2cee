<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;

final readonly class PersonRows
{
    /**
     * @param  list<NameRow>  $names
     * @param  list<EventRow>  $events
     * @param  list<ParentSetRow>  $parentSets
     * @param  list<UnionPartnerRow>  $partnerships
     * @param  array<string, list<ParentageRow>>  $parents  by set; a set that is missing has those whom its family record names, alike
     * @param  array<string, list<string>>  $couples  whom the family record of each of the sets names, by union
     */
    public function __construct(
        public PersonRow $person,
        public array $names,
        public array $events,
        public array $parentSets,
        public array $partnerships,
        public array $parents = [],
        public array $couples = [],
    ) {
    }
}
