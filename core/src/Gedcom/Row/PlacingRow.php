<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** Whom a line of a roll is, or why it is nobody. */
final readonly class PlacingRow implements Row
{
    /**
     * @param  string  $state  placed, probable, alternative, refused or set aside
     * @param  string  $decidedBy  the question whose answer it is; empty for none
     */
    public function __construct(public string $id, public string $lineId, public ?string $personId, public string $state, public string $reason, public string $decidedBy = '')
    {
    }
}
