<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Tree\ParentageKind;

/**
 * That a child belongs to a couple, in one sense of the word. The set that leads counts for charts and numbers; `position`
 * is its place among the sets of the child, `childPlace` that of the child among the children of the couple, -1 unknown.
 */
final readonly class ParentSetTie implements FamilyTie
{
    public function __construct(
        public string $id,
        public string $childId,
        public string $coupleId,
        public ParentageKind $kind = ParentageKind::Birth,
        public bool $leads = false,
        public int $position = 0,
        public int $childPlace = -1,
    ) {
    }

    public function key(): string
    {
        return $this->id;
    }

    public function in(string $coupleId): self
    {
        return new self($this->id, $this->childId, $coupleId, $this->kind, $this->leads, $this->position);
    }

    public function of(string $childId, int $position): self
    {
        return new self($this->id, $childId, $this->coupleId, $this->kind, false, $position, $this->childPlace);
    }

    public function leading(bool $leads): self
    {
        return new self($this->id, $this->childId, $this->coupleId, $this->kind, $leads, $this->position, $this->childPlace);
    }

    public function called(ParentageKind $kind): self
    {
        return new self($this->id, $this->childId, $this->coupleId, $kind, $this->leads, $this->position, $this->childPlace);
    }

    public function at(int $childPlace): self
    {
        return new self($this->id, $this->childId, $this->coupleId, $this->kind, $this->leads, $this->position, $childPlace);
    }
}
