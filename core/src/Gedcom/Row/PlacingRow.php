<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** Whom a line of a roll is, or why it is nobody. */
final readonly class PlacingRow implements Row
{
    /**
     * @param  string  $state  placed, probable, alternative, refused or set aside
     * @param  string  $decidedBy  the question whose answer it is; empty for none
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(column: 'roll_line_id', isSafe: true)] public string $lineId,
        #[Field(isSafe: true)] public ?string $personId,
        #[Field(word: 'state', isSafe: true)] public string $state,
        #[Field(word: 'reason')] public string $reason,
        #[Field(isSafe: true, isElsewhere: true)] public string $decidedBy = '',
    ) {
    }
}
