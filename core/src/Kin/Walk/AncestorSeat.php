<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Walk;

use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;

/** An ancestor in the place of a pedigree, numbered by Kekule's system: 1 is whoever it begins with, 2n and 2n + 1 the parents of n. */
final readonly class AncestorSeat
{
    /**
     * @param  int  $sets  how many sets of parents they have, of which the one that leads is followed
     * @param  bool  $goesOn  whether there are parents beyond the last generation shown
     * @param  ParentageKind  $kind  what they are to the child at half the number; birth for the first
     * @param  Proof  $proof  how far that is proved
     */
    public function __construct(
        public int $seat,
        public string $personId,
        public int $sets = 0,
        public bool $goesOn = false,
        public ParentageKind $kind = ParentageKind::Birth,
        public Proof $proof = Proof::Unstated,
    ) {
    }

    public function with(int $sets, bool $goesOn): self
    {
        return new self($this->seat, $this->personId, $sets, $goesOn, $this->kind, $this->proof);
    }
}
