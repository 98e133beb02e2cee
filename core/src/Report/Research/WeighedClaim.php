<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

use NorthBough\Core\Citation\StyledWords;

/** A claim as a proof summary lists it. */
final readonly class WeighedClaim
{
    /**
     * @param  string  $told  what it says of the question
     * @param  string  $words  as the record has them
     * @param  string  $classes  of source, information and evidence
     * @param  list<StyledWords>  $note  its citation in full
     */
    public function __construct(
        public string $told,
        public string $words,
        public string $classes,
        public string $weight,
        public array $note,
    ) {
    }
}
