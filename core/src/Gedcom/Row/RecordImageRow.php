<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** A picture on a record, by the path that the file has for it. */
final readonly class RecordImageRow implements Row
{
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $recordId,
        #[Field(isSafe: true)] public string $path,
        #[Field(isSafe: true)] public string $type,
        public string $title,
        public int $position,
    ) {
    }
}
