<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/**
 * `ordinal` is the place of FAMC in the person, `childOrdinal` that of CHIL in the family record. A kind that the file
 * does not say here but by an event (ADOP) stands in `written` under IMPLIED.
 */
final readonly class ParentSetRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $childId,
        #[Field(isSafe: true)] public string $unionId,
        #[Field(word: 'that it leads')] public bool $leads,
        #[Field(word: 'kind')] public ParentageKind $kind,
        public TieSide $side,
        public int $ordinal,
        public int $childOrdinal,
        #[Field(isSafe: true)] public array $written,
        #[Field(isElsewhere: true)] public Standing $standing = Standing::Unweighed,
        #[Field(isElsewhere: true)] public Proof $proof = Proof::Unstated,
    ) {
    }
}
