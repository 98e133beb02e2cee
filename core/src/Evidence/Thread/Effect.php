<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Thread;

use NorthBough\Core\Evidence\Weight;

/** What becomes of one conclusion. */
final readonly class Effect
{
    /**
     * @param  list<Weight>  $before  the strongest voice of each origin, the strongest first
     * @param  list<Weight>  $after  the same without what is false
     */
    public function __construct(
        public Conclusion $conclusion,
        public Outcome $outcome,
        public array $before,
        public array $after,
    ) {
    }
}
