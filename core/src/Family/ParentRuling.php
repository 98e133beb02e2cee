<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/** What is said anew of a parent; null leaves it as it is. */
final readonly class ParentRuling
{
    public function __construct(
        public ?ParentageKind $kind = null,
        public ?Standing $standing = null,
        public ?Proof $proof = null,
        public ?string $kindWords = null,
        public ?string $years = null,
    ) {
    }

    public function saysSomething(): bool
    {
        return array_filter((array) $this, static fn (mixed $value): bool => $value !== null) !== [];
    }
}
