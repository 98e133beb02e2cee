<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** A note that cites a record, where a text calls for it. */
final readonly class CitationCall implements ProsePart
{
    public function __construct(public string $recordId)
    {
    }
}
