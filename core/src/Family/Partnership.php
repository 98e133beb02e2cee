<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Tree\Standing;

/** That somebody is a partner of a couple; `position` is its place among the couples of that person. */
final readonly class Partnership implements FamilyTie
{
    public function __construct(
        public string $id,
        public string $coupleId,
        public string $personId,
        public PartnerSlot $slot,
        public int $position = 0,
        public Standing $standing = Standing::Unweighed,
    ) {
    }

    public function key(): string
    {
        return $this->id;
    }

    public function counts(): bool
    {
        return $this->standing !== Standing::RuledOut;
    }

    public function standing(Standing $standing, PartnerSlot $slot): self
    {
        return new self($this->id, $this->coupleId, $this->personId, $slot, $this->position, $standing);
    }

    public function of(string $personId, int $position): self
    {
        return new self($this->id, $this->coupleId, $personId, $this->slot, $position, $this->standing);
    }

    public function in(string $coupleId, PartnerSlot $slot): self
    {
        return new self($this->id, $coupleId, $this->personId, $slot, $this->position, $this->standing);
    }

    public function at(int $position): self
    {
        return new self($this->id, $this->coupleId, $this->personId, $this->slot, $position, $this->standing);
    }
}
