<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** Somebody in a list of ancestors; whoever is an ancestor twice stands in it twice, and the second time points to the first. */
final readonly class Ancestor
{
    /**
     * @param  string  $number  the father of n is 2n, the mother 2n + 1; decimal, of any length
     * @param  int  $generation  1 is whoever the list begins with
     * @param  string  $firstNumber  where they are told, which is here unless they were met before
     */
    public function __construct(
        public string $personId,
        public string $number,
        public int $generation,
        public string $firstNumber,
        public bool $isUnproved,
    ) {
    }

    public function isFirst(): bool
    {
        return $this->number === $this->firstNumber;
    }
}
