<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Life\Window\Bounds;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;

/** What is looked at of somebody who may stand in the tree twice. */
final readonly class LinkedPerson
{
    /**
     * @param  list<PersonalName>  $names  the leading one first; none that was ruled out
     * @param  DaySpan|null  $baptism  of whatever stands for a birth and is none
     * @param  DaySpan|null  $burial  of whatever stands for a death and is none
     * @param  string  $birthPlace  of the birth, else of what stands for it; empty where none is told
     * @param  Bounds  $window  when they must and likely did live
     */
    public function __construct(
        public string $id,
        public Sex $sex,
        public array $names,
        public ?DaySpan $birth,
        public ?DaySpan $baptism,
        public string $birthPlace,
        public ?DaySpan $death,
        public ?DaySpan $burial,
        public string $deathPlace,
        public Bounds $window,
    ) {
    }
}
