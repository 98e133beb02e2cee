<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/** `decidedBy` is the question whose answer it is; empty for none. */
final readonly class ParentageRow implements Row
{
    public function __construct(
        public string $id,
        public string $parentSetId,
        public string $personId,
        public ParentageKind $kind,
        public Standing $standing = Standing::Unweighed,
        public Proof $proof = Proof::Unstated,
        public string $kindWords = '',
        public string $years = '',
        public string $decidedBy = '',
    ) {
    }
}
