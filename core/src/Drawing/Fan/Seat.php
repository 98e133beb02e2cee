<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Fan;

use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Tree\Person;

/** One place of a fan and who sits in it. */
final readonly class Seat
{
    /**
     * @param  int  $generation  0 for the person in the middle
     * @param  float  $from  share of the sweep at which it begins, from 0 to 1
     * @param  float  $to  share at which it ends
     * @param  bool  $isUnproved  whether the tie to the child is one that somebody only says
     * @param  string  $mark  of the kind of that tie
     * @param  bool  $isAgain  whether they sit nearer the middle already, where their own ancestors are
     * @param  list<Stop>  $stops
     * @param  string  $waiting  what waits for a decision, in words
     */
    public function __construct(
        public Person $person,
        public int $generation,
        public float $from,
        public float $to,
        public bool $isUnproved,
        public string $mark,
        public bool $isAgain,
        public array $stops,
        public string $waiting,
    ) {
    }
}
