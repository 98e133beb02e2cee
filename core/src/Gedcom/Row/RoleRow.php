<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** Somebody in a role at an event: a person of the tree, or a name alone. */
final readonly class RoleRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        public string $id,
        public string $eventId,
        public ?string $personId,
        public string $role,
        public string $words,
        public int $ordinal,
        public array $written,
    ) {
    }
}
