<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Sex;
use NorthBough\Core\Stored\Field;

final readonly class PersonRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        public int $number,
        #[Field(word: 'sex')] public Sex $sex,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
        #[Field(isElsewhere: true)] public ?\DateTimeImmutable $changedAt = null,
        #[Field(word: 'restriction', isSafe: true)] public string $restriction = '',
    ) {
    }
}
