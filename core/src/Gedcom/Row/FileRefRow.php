<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** The pointer by which a file called something that we hold. */
final readonly class FileRefRow implements Row
{
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(owners: ['person', 'union', 'source', 'repository'])] public FactRef $thing,
        #[Field(isSafe: true)] public string $pointer,
    ) {
    }
}
