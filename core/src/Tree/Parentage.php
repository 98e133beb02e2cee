<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

final readonly class Parentage
{
    public function __construct(
        public string $personId,
        public ParentageKind $kind,
        public Standing $standing = Standing::Unweighed,
        public Proof $proof = Proof::Unstated,
    ) {
    }

    /** Whether a kinship by this tie is one that somebody only says. */
    public function isUnproved(): bool
    {
        return $this->proof->isOpen() || $this->standing === Standing::Rival;
    }
}
