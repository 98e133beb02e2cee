<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** A line of a roll as a file names it: the source, where in it the record stands, and the number of the line from 1. */
final readonly class RollLinePointer
{
    public function __construct(public string $lineId, public string $sourceId, public string $locator, public int $number)
    {
    }
}
