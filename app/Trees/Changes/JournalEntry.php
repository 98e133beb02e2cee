<?php

declare(strict_types=1);

namespace App\Trees\Changes;

/** What the journal keeps of one row that a change set wrote. */
final readonly class JournalEntry
{
    /** What is read of it, of `journal` and its `change_sets`. */
    public const COLUMNS = ['journal.id', 'journal.change_set_id', 'journal.seq', 'journal.table_name', 'journal.row_id', 'journal.op',
        'journal.before', 'change_sets.seq as change_seq'];

    /**
     * @param  string  $rowId  empty of what was written in bulk
     * @param  string  $op  insert, update, delete; of a bulk change its own word
     * @param  array<string, mixed>  $before  the columns that it replaced; the whole row, of a deletion
     * @param  int  $changeSeq  the place of its change set in the tree
     */
    private function __construct(
        public string $id,
        public string $changeSetId,
        public int $seq,
        public string $table,
        public string $rowId,
        public string $op,
        public array $before,
        public int $changeSeq,
    ) {
    }

    /** @param  array<string, mixed>  $columns  those of COLUMNS */
    public static function read(array $columns): self
    {
        return new self((string) $columns['id'], $columns['change_set_id'], $columns['seq'], $columns['table_name'],
            (string) $columns['row_id'], $columns['op'],
            $columns['before'] === null ? [] : json_decode($columns['before'], true, flags: JSON_THROW_ON_ERROR), $columns['change_seq']);
    }
}
