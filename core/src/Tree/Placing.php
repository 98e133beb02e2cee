<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** A line of a roll on a person of the tree. At most one of a line is placed. */
final readonly class Placing
{
    /** @param  string  $written  the name as it stands in the roll */
    public function __construct(
        public string $id,
        public string $lineId,
        public string $recordId,
        public string $personId,
        public PlacingState $state,
        public string $written,
    ) {
    }
}
