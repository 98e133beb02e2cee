<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Tree\Standing;

final readonly class NameRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        public string $id,
        public string $personId,
        public NameKind $kind,
        public PersonalName $name,
        public int $ordinal,
        public array $written,
        public Standing $standing = Standing::Unweighed,
    ) {
    }
}
