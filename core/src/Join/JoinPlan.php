<?php

declare(strict_types=1);

namespace NorthBough\Core\Join;

use NorthBough\Core\Sex;

/** All that joining two people would do, before it is done. */
final readonly class JoinPlan
{
    /**
     * @param  list<string>  $family  what becomes of their ties, in sentences
     * @param  array<string, int>  $moves  how many rows of each kind go over: ties, citations, notes, pictures …
     * @param  list<string>  $remarks  what should be known first, in sentences
     * @param  list<DoubleKin>  $next
     */
    public function __construct(
        public string $keptId,
        public string $goneId,
        public Sex $sex,
        public ValuePlan $values,
        public array $family,
        public array $moves,
        public array $remarks,
        public array $next,
    ) {
    }
}
