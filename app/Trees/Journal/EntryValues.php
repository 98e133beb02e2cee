<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\JournalEntries;
use App\Trees\Changes\JournalEntry;
use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\StoredColumns;
use Illuminate\Support\Facades\DB;

/** What entries of the journal changed, value by value: from what, and to what. */
final readonly class EntryValues
{
    /** What every row has from the beginning, and nobody wrote. */
    private const PLAIN = ['', 'no', 'unweighed', 'unstated', 'birth', 'open', 'U'];

    /** Columns that belong to one value and go with it. */
    private const WITH = ['date_typed' => '/^(date|other)_/', 'place_typed' => '/^place_/'];

    public function __construct(private CurrentTree $current)
    {
    }

    /** Whether people write a value; what is worked out from others is not told. */
    public static function isWritten(string $table, string $field): bool
    {
        return isset(StoredColumns::words(AuthoredTables::model($table))[$field]);
    }

    /** Whether a column is a value, or belongs to one. */
    public static function isPartOf(string $column, string $field): bool
    {
        return $column === $field || (isset(self::WITH[$field]) && preg_match(self::WITH[$field], $column) === 1);
    }

    /**
     * @param  list<JournalEntry>  $entries  the newest first
     * @return list<ToldEntry> those that tell anything
     */
    public function describe(array $entries): array
    {
        $rows = $this->rowsNow($entries);
        $told = [];
        $listed = array_column($entries, null, 'id');
        foreach ($this->since($entries) as $entry) {
            $then = $rows[$entry->rowId] ?? [];
            $row = [...$then, ...$entry->before];
            if (isset($listed[$entry->id])) {
                $values = self::values($entry, $then);
                if ($entry->op !== 'update' || $values !== []) {
                    $told[] = new ToldEntry($entry, self::called($entry->table, $row), (int) ($then['version now'] ?? 0), $values, $row);
                }
            }
            // Entries come newest first, so that each row is taken back on the way.
            $rows[$entry->rowId] = $row;
        }

        return $told;
    }

    /**
     * @param  list<JournalEntry>  $entries
     * @return array<string, array<string, mixed>> by row
     */
    private function rowsNow(array $entries): array
    {
        $byTable = [];
        foreach ($entries as $entry) {
            if ($entry->rowId !== '') {
                $byTable[$entry->table][] = $entry->rowId;
            }
        }
        $rows = [];
        foreach ($byTable as $table => $ids) {
            foreach (DB::table($table)->where('tree_id', $this->current->id())->whereIn('id', $ids)->get() as $row) {
                $rows[(string) $row->id] = [...get_object_vars($row), 'version now' => $row->version];
            }
        }

        return $rows;
    }

    /**
     * @param  list<JournalEntry>  $entries
     * @return list<JournalEntry> every entry of the same rows that is as new as the oldest of these, the newest first
     */
    private function since(array $entries): array
    {
        return $entries === [] ? [] : JournalEntries::read(JournalEntries::of($this->current->id())
            ->whereIn('journal.row_id', array_values(array_unique(array_filter(array_column($entries, 'rowId')))))
            ->where('change_sets.seq', '>=', min(array_column($entries, 'changeSeq')))
            ->orderByDesc('change_sets.seq')->orderByDesc('journal.seq'));
    }

    /**
     * @param  array<string, mixed>  $then  the row just after the entry
     * @return list<ChangedValue>
     */
    private static function values(JournalEntry $entry, array $then): array
    {
        $values = [];
        foreach (StoredColumns::words(AuthoredTables::model($entry->table)) as $field => $word) {
            [$was, $is] = [self::text($entry->before[$field] ?? ''), self::text($then[$field] ?? '')];
            $isTold = match ($entry->op) {
                'update' => array_key_exists($field, $entry->before),
                'delete' => ! in_array($was, self::PLAIN, true),
                default => ! in_array($is, self::PLAIN, true),
            };
            if ($isTold) {
                $values[] = new ChangedValue($field, $word, $entry->op === 'insert' ? '' : $was, $entry->op === 'delete' ? '' : $is);
            }
        }

        return $values;
    }

    /** @param  array<string, mixed>  $row */
    private static function called(string $table, array $row): string
    {
        return trim(AuthoredTables::word($table).' '.self::text($row['kind'] ?? $row['given'] ?? ''));
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
