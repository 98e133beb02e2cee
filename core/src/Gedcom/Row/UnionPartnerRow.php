<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Family\PartnerSlot;
use NorthBough\Core\Stored\Field;
use NorthBough\Core\Tree\Standing;

/** `ordinal` is its place in the family record, `personOrdinal` that of FAMS in the person. */
final readonly class UnionPartnerRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $unionId,
        #[Field(isSafe: true)] public string $personId,
        public PartnerSlot $slot,
        public TieSide $side,
        public int $ordinal,
        public int $personOrdinal,
        #[Field(isSafe: true)] public array $written,
        #[Field(word: 'standing')] public Standing $standing = Standing::Unweighed,
    ) {
    }
}
