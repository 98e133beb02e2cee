<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** The line of a roll that makes a claim: its number on its record, from 1, and what the claim speaks of. */
final readonly class LineRef
{
    public function __construct(public string $lineId, public int $number, public string $aspect)
    {
    }
}
