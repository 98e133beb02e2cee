<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/**
 * What one parent is to a child; `kindWords` calls a kind of the user's own, `years` says from when until when; `id` is
 * empty where none is asked for.
 */
final readonly class Parentage
{
    public function __construct(
        public string $personId,
        public ParentageKind $kind,
        public Standing $standing = Standing::Unweighed,
        public Proof $proof = Proof::Unstated,
        public string $kindWords = '',
        public string $years = '',
        public string $id = '',
    ) {
    }

    /** Whether a kinship by this tie is one that somebody only says. */
    public function isUnproved(): bool
    {
        return $this->proof->isOpen() || $this->standing === Standing::Rival;
    }
}
