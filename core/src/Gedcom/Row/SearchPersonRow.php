<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** Somebody for whom a search was made. */
final readonly class SearchPersonRow implements Row
{
    public function __construct(
        public string $id,
        public string $searchId,
        public string $personId,
    ) {
    }
}
