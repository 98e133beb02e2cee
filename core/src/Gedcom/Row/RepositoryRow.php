<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

final readonly class RepositoryRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        public string $id,
        public string $name,
        public int $ordinal,
        public array $written,
        public ?\DateTimeImmutable $changedAt = null,
    ) {
    }
}
