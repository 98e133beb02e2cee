<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** A picture on a record, by the path that the file has for it. */
final readonly class RecordImageRow implements Row
{
    public function __construct(public string $id, public string $recordId, public string $path, public string $type, public string $title, public int $position)
    {
    }
}
