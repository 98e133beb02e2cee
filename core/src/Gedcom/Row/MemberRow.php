<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** A person in a group, or with a mark. */
final readonly class MemberRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $personId,
        #[Field(isElsewhere: true)] public MembershipKind $kind,
        #[Field(isSafe: true, isElsewhere: true)] public string $groupId,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
    ) {
    }
}
