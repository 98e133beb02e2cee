<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\LifeStrip;

/** An event on the axis: from and to as shares of its length; an edge is soft where it is our allowance or open. */
final readonly class StripMark
{
    /**
     * @param  string  $whose  whose event it is, in words; empty for the person's own
     * @param  string  $personId  whose event it is; empty for the person's own
     * @param  string  $row  own or family
     * @param  bool  $lasts  it went on from one end to the other, and is not a doubt about when
     * @param  bool  $wordsLeft  its words end where it ends; others begin where it begins
     * @param  int  $lane  the height at which its words stand, from 0; -1 where they have no room
     */
    public function __construct(
        public string $eventId,
        public string $word,
        public string $date,
        public string $whose,
        public string $personId,
        public string $row,
        public float $from,
        public float $to,
        public bool $softFrom,
        public bool $softTo,
        public int $lane,
        public bool $lasts,
        public bool $wordsLeft,
    ) {
    }
}
