<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** Somebody where a line comes to them. Whoever is come to twice stands in a list twice, and the second time points to the first. */
final readonly class Descendant
{
    /**
     * @param  string  $number  by the system; empty for one whom the register style does not carry on
     * @param  int  $generation  1 is whoever the line begins with
     * @param  int  $parentAt  where the parent stands in the list; -1 for whoever the line begins with
     * @param  int  $place  among the children of that parent by all unions, from 1; 0 for whoever the line begins with
     * @param  int  $firstAt  where they are told, which is here unless a line came to them before
     * @param  bool  $isCarriedOn  whether children of theirs follow
     * @param  bool  $isProvisional  whether the order of birth, by which the number goes, is not known
     */
    public function __construct(
        public string $personId,
        public string $number,
        public int $generation,
        public int $parentAt,
        public string $unionId,
        public int $place,
        public int $firstAt,
        public bool $isCarriedOn,
        public bool $isProvisional,
        public LineChild $tie,
    ) {
    }

    public function numbered(string $number, bool $isProvisional): self
    {
        return new self($this->personId, $number, $this->generation, $this->parentAt, $this->unionId, $this->place, $this->firstAt,
            $this->isCarriedOn, $isProvisional, $this->tie);
    }
}
