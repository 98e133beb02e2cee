<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** Somebody in a role at an event: a person of the tree, or a name alone. */
final readonly class RoleRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $eventId,
        #[Field(isSafe: true)] public ?string $personId,
        #[Field(isSafe: true)] public string $role,
        #[Field(word: 'words')] public string $words,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
    ) {
    }
}
