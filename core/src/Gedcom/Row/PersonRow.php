<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Sex;

final readonly class PersonRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        public string $id,
        public int $number,
        public Sex $sex,
        public int $ordinal,
        public array $written,
        public ?\DateTimeImmutable $changedAt = null,
        public string $restriction = '',
    ) {
    }
}
