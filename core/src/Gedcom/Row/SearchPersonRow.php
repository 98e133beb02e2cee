<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** Somebody for whom a search was made. */
final readonly class SearchPersonRow implements Row
{
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $searchId,
        #[Field(isSafe: true)] public string $personId,
    ) {
    }
}
