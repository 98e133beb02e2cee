<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Field;

/** A line of a roll as a file names it: the source, where in it the record stands, and the number of the line from 1. */
final readonly class RollLinePointer implements Described
{
    public function __construct(
        #[Field(isSafe: true)] public string $lineId,
        #[Field(isSafe: true)] public string $sourceId,
        public string $locator,
        public int $number,
    ) {
    }
}
