<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Trees\Scope\CurrentTree;

/**
 * What became of a row after an entry of the journal: the first later entry that wrote a field knows what this one left in
 * it. A field that was changed and changed back is as it was.
 */
final readonly class LaterChanges
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  array<string, mixed>  $now  fields of the row as it is stored, those that are asked about
     *
     * @throws CannotUndo naming the first of them that is not as the entry left it
     */
    public function refuse(JournalEntry $entry, array $now): void
    {
        foreach ($this->changed($entry, array_diff_key($now, [ChangeDates::COLUMN => true, 'version' => true])) as $field) {
            throw CannotUndo::changedSince($entry->table, $entry->op === 'insert' ? '' : $field);
        }
    }

    /**
     * @param  array<string, mixed>  $now
     * @return list<string> fields that are not as the entry left them
     */
    public function changed(JournalEntry $entry, array $now): array
    {
        $left = [];
        foreach ($this->later($entry) as $before) {
            $left += array_intersect_key(json_decode($before, true, flags: JSON_THROW_ON_ERROR), $now);
        }

        return array_keys(
            array_filter($left, static fn (mixed $value, string $field): bool => ! self::isSame($value, $now[$field]),
                ARRAY_FILTER_USE_BOTH));
    }

    /** What an entry left in a field that was changed since; null where it left nothing, or nobody changed it. */
    public function left(JournalEntry $entry, string $field): mixed
    {
        foreach ($this->later($entry) as $before) {
            $columns = json_decode($before, true, flags: JSON_THROW_ON_ERROR);
            if (array_key_exists($field, $columns)) {
                return $columns[$field];
            }
        }

        return null;
    }

    /** @return list<string> what later entries of the same row replaced, the earliest first */
    private function later(JournalEntry $entry): array
    {
        return array_values(JournalEntries::of($this->current->id())->where('journal.row_id', $entry->rowId)
            ->whereNotNull('journal.before')
            ->whereRaw('(change_sets.seq, journal.seq) > ((SELECT seq FROM change_sets WHERE tree_id = ? AND id = ?), ?)',
                [$this->current->id(), $entry->changeSetId, $entry->seq])
            ->orderBy('change_sets.seq')->orderBy('journal.seq')->pluck('journal.before')->all());
    }

    /** The database writes what is open-ended in an order of its own. */
    private static function isSame(mixed $leftValue, mixed $otherValue): bool
    {
        $isOpenEnded = static fn (mixed $value): bool => is_string($value) && ($value[0] ?? '') === '{';

        return $isOpenEnded($leftValue) && $isOpenEnded($otherValue) ? json_decode($leftValue, true) == json_decode($otherValue, true)
            : $leftValue === $otherValue;
    }
}
