<?php

declare(strict_types=1);

namespace NorthBough\Core\Life\Window;

use NorthBough\Core\Chrono\DaySpan;

/** The spans in which a birth and a death must fall, by hard bounds alone, and likely fall, by the limits too. */
final readonly class LifeWindow
{
    /**
     * @param  list<string>  $impossible  `birth` or `death` where what is told leaves no day; its certain span is then open on both sides
     * @param  list<string>  $unlikely  the same of the likely spans
     */
    public function __construct(
        public DaySpan $bornCertain,
        public DaySpan $bornLikely,
        public DaySpan $diedCertain,
        public DaySpan $diedLikely,
        public array $impossible,
        public array $unlikely = [],
    ) {
    }
}
