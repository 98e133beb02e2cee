<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Impact;

use NorthBough\Core\Claim\WeightGrade;

/** What becomes of one conclusion. */
final readonly class Effect
{
    /**
     * @param  list<WeightGrade>  $before  the strongest voice of each origin, the strongest first
     * @param  list<WeightGrade>  $after  the same without what is false
     */
    public function __construct(
        public Conclusion $conclusion,
        public Outcome $outcome,
        public array $before,
        public array $after,
    ) {
    }
}
