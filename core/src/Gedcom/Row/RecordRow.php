<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** One entry in a source; in a file, the source, page and data of a citation. */
final readonly class RecordRow implements Row
{
    public function __construct(
        public string $id,
        public string $sourceId,
        public string $locator,
        public ?RecordHead $head = null,
    ) {
    }
}
