<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Field;

/**
 * The line of a roll that makes a claim: its number on its record, from 1, what the claim speaks of, the line that it
 * speaks of beside its own (0 for none), and what was worked out of its words.
 */
final readonly class ClaimLineRef implements Described
{
    /** @param  array<string, string>  $said  rule, working, date, place and value, where there is one */
    public function __construct(
        #[Field(isSafe: true)] public string $lineId,
        public int $number,
        #[Field(isSafe: true)] public string $aspect,
        #[Field(isSafe: true)] public string $otherId = '',
        public int $otherNumber = 0,
        public array $said = [],
    ) {
    }
}
