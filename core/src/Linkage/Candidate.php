<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;

/** Somebody of the tree whom a line of a record may be. */
final readonly class Candidate
{
    /**
     * @param  list<PersonalName>  $names  also as married
     * @param  bool  $isBornBySign  the birth is only bounded, by a christening
     * @param  DaySpan|null  $death  of a death, a burial or a cremation
     * @param  DaySpan|null  $baptism  of a baptism or christening
     * @param  int|null  $seen  number of the last day on which they were certainly alive
     * @param  list<string>  $partners
     * @param  list<string>  $parents by birth or otherwise, none ruled out
     * @param  list<string>  $children
     * @param  array<string, DaySpan>  $weddings  by partner
     */
    public function __construct(
        public string $id,
        public string $shown,
        public string $given,
        public array $names,
        public Sex $sex,
        public ?DaySpan $birth,
        public bool $isBornBySign,
        public string $birthPlace,
        public ?DaySpan $death,
        public array $partners,
        public array $parents,
        public array $children,
        public ?DaySpan $baptism = null,
        public ?int $seen = null,
        public array $weddings = [],
    ) {
    }
}
