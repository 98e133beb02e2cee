<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** One claim behind a fact, with the record and the source that it was made from. One taken over from a file was read by nobody yet. */
final readonly class Backing
{
    public function __construct(
        public string $claimId,
        public string $recordId,
        public CitedSource $source,
        public string $locator,
        public string $words,
        public bool $isTakenOver = false,
    ) {
    }
}
