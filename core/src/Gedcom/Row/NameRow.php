<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Stored\Field;
use NorthBough\Core\Tree\Standing;

final readonly class NameRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $personId,
        #[Field(word: 'kind')] public NameKind $kind,
        #[Field(isElsewhere: true)] public PersonalName $name,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
        #[Field(word: 'standing')] public Standing $standing = Standing::Unweighed,
    ) {
    }
}
