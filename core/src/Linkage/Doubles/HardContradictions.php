<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * Why two cannot be one, whatever else agrees: kin in a straight line or partners of each other, named on two lines of
 * one record, or lives that cannot have met. An inner loop: whole numbers.
 */
final readonly class HardContradictions
{
    /** Days by which dates may be wrong before lives are held to be two. */
    private const SLIP = 4383;

    /** The same where the bounds are likely and not certain. */
    private const UNLIKELY = 6575;

    public function __construct(private PeopleTable $people)
    {
    }

    /** @return string a sentence; empty where nothing excludes it */
    public function between(int $a, int $b): string
    {
        $p = $this->people;

        return match (true) {
            isset($p->apart[PeopleTable::pair($a, $b)]) => 'They stand on two lines of one record, or were ruled to be two people.',
            in_array($b, $p->partners[$a], true) => 'They are a couple.',
            $this->isAbove($a, $b), $this->isAbove($b, $a) => 'One is an ancestor of the other.',
            $this->areAfter($a, $b), $this->areAfter($b, $a) => 'One was dead before the other was born.',
            $this->areApart($a, $b), $this->areApart($b, $a) => 'They were born too many years apart.',
            default => '',
        };
    }

    /** Whether one is a parent or grandparent of the other. */
    private function isAbove(int $a, int $b): bool
    {
        foreach ($this->people->parents[$b] as $parent) {
            if ($parent === $a || in_array($a, $this->people->parents[$parent], true)) {
                return true;
            }
        }

        return false;
    }

    private function areAfter(int $a, int $b): bool
    {
        $born = $this->people->windows[8 * $b];
        $died = $this->people->windows[8 * $a + 3];
        // A child that was given a dead one's name, with the same parents, needs no allowance.
        $slip = $this->people->parents[$a] !== [] && array_intersect($this->people->parents[$a], $this->people->parents[$b]) !== []
            ? 0 : self::SLIP;

        if ($born !== PeopleTable::NONE && $died !== PeopleTable::NONE && $born > $died + $slip) {
            return true;
        }
        $born = $this->people->windows[8 * $b + 4];
        $died = $this->people->windows[8 * $a + 7];

        return $born !== PeopleTable::NONE && $died !== PeopleTable::NONE && $born > $died + self::UNLIKELY;
    }

    private function areApart(int $a, int $b): bool
    {
        $to = $this->people->windows[8 * $a + 1];
        $from = $this->people->windows[8 * $b];

        if ($to !== PeopleTable::NONE && $from !== PeopleTable::NONE && $from > $to + self::SLIP) {
            return true;
        }
        $to = $this->people->windows[8 * $a + 5];
        $from = $this->people->windows[8 * $b + 4];

        return $to !== PeopleTable::NONE && $from !== PeopleTable::NONE && $from > $to + self::UNLIKELY;
    }
}
