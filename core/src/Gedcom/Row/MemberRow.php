<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** A person in a group, or with a mark. */
final readonly class MemberRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        public string $id,
        public string $personId,
        public MembershipKind $kind,
        public string $groupId,
        public int $ordinal,
        public array $written,
    ) {
    }
}
