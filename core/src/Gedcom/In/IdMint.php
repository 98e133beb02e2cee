<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Family\NewIds;

/** Makes the ids of rows that are read. */
interface IdMint extends NewIds
{
    /** An id for what hangs between a record and something else: the same for the same two, and near the record's in order. */
    public function tied(string $recordId, string $to): string;
}
