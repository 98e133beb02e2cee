<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/** That somebody is a parent in a set; `kindWords` calls a kind of the user's own, `years` says from when until when. */
final readonly class ParentTie implements FamilyTie
{
    public function __construct(
        public string $id,
        public string $setId,
        public string $personId,
        public ParentageKind $kind = ParentageKind::Birth,
        public Standing $standing = Standing::Unweighed,
        public Proof $proof = Proof::Unstated,
        public string $kindWords = '',
        public string $years = '',
    ) {
    }

    public function key(): string
    {
        return $this->id;
    }

    /** Whether it counts where one answer is needed. */
    public function leads(): bool
    {
        return $this->standing->mayLead();
    }

    public function counts(): bool
    {
        return $this->standing !== Standing::RuledOut;
    }

    public function standing(Standing $standing): self
    {
        return new self($this->id, $this->setId, $this->personId, $this->kind, $standing, $this->proof, $this->kindWords, $this->years);
    }

    public function proved(Proof $proof): self
    {
        return new self($this->id, $this->setId, $this->personId, $this->kind, $this->standing, $proof, $this->kindWords, $this->years);
    }

    public function of(string $personId): self
    {
        return new self($this->id, $this->setId, $personId, $this->kind, $this->standing, $this->proof, $this->kindWords, $this->years);
    }

    public function in(string $setId): self
    {
        return new self($this->id, $setId, $this->personId, $this->kind, $this->standing, $this->proof, $this->kindWords, $this->years);
    }

    public function settled(ParentRuling $ruling): self
    {
        return new self(
            $this->id, $this->setId, $this->personId,
            $ruling->kind ?? $this->kind, $ruling->standing ?? $this->standing, $ruling->proof ?? $this->proof,
            $ruling->kindWords ?? $this->kindWords, $ruling->years ?? $this->years,
        );
    }
}
