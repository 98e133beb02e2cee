<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** One way in which the words can be read. A period has an end; everything else lies within `begin`. */
final readonly class Interpretation
{
    public function __construct(
        public DaySpan $begin,
        public ?DaySpan $end = null,
    ) {
    }

    /** From the earliest day of the beginning to the latest day of the end. */
    public function outermost(): DaySpan
    {
        return $this->end === null ? $this->begin : $this->begin->hull($this->end);
    }
}
