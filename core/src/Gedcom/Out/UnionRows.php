<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Gedcom\Row\UnionRow;

final readonly class UnionRows
{
    /**
     * @param  list<UnionPartnerRow>  $partners
     * @param  list<ParentSetRow>  $children
     * @param  list<EventRow>  $events
     * @param  array<string, string>  $names  of partners who were ruled out, by person
     */
    public function __construct(
        public UnionRow $union,
        public array $partners,
        public array $children,
        public array $events,
        public array $names = [],
    ) {
    }
}
