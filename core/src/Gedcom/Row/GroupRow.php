<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** A group or mark of the user's own. One of a name is made once a file, and once a tree. */
final readonly class GroupRow implements Row
{
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isElsewhere: true)] public MembershipKind $kind,
        #[Field(word: 'name')] public string $name,
        #[Field(isSafe: true)] public string $colour,
        public string $meaning,
    ) {
    }
}
