<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

final readonly class RepositoryRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(word: 'name')] public string $name,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
        #[Field(isElsewhere: true)] public ?\DateTimeImmutable $changedAt = null,
    ) {
    }
}
