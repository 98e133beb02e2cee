<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Tree\ParentageKind;

final readonly class ParentageRow implements Row
{
    public function __construct(
        public string $id,
        public string $parentSetId,
        public string $personId,
        public ParentageKind $kind,
    ) {
    }
}
