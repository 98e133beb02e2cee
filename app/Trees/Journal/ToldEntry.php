<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Trees\Changes\JournalEntry;

/** An entry of the journal, told: what was changed of which thing. */
final readonly class ToldEntry
{
    /**
     * @param  string  $called  the thing, in words
     * @param  int  $version  of the row now, 0 where it is gone
     * @param  list<ChangedValue>  $values
     * @param  array<string, mixed>  $row  as it was before, with what later entries left of it
     */
    public function __construct(
        public JournalEntry $entry,
        public string $called,
        public int $version,
        public array $values,
        public array $row,
    ) {
    }
}
