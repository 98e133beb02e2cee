<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** One entry in a source; in a file, the source, page and data of a citation. */
final readonly class RecordRow implements Row
{
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $sourceId,
        #[Field(word: 'where in the source')] public string $locator,
        public ?RecordHead $head = null,
    ) {
    }
}
