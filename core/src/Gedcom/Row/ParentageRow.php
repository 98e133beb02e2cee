<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/** `decidedBy` is the question whose answer it is; empty for none. */
final readonly class ParentageRow implements Row
{
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $parentSetId,
        #[Field(isSafe: true)] public string $personId,
        #[Field(word: 'kind')] public ParentageKind $kind,
        #[Field(word: 'standing')] public Standing $standing = Standing::Unweighed,
        #[Field(word: 'proof')] public Proof $proof = Proof::Unstated,
        public string $kindWords = '',
        public string $years = '',
        #[Field(isSafe: true, isElsewhere: true)] public string $decidedBy = '',
    ) {
    }
}
