<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

/** A search that was made, whatever came of it. */
final readonly class LoggedSearch
{
    /**
     * @param  string  $when  in words
     * @param  list<string>  $people  for whom it was made
     */
    public function __construct(
        public string $when,
        public string $lookedFor,
        public string $lookedIn,
        public string $outcome,
        public string $found,
        public string $note,
        public array $people,
    ) {
    }
}
