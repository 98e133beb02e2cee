<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\JournalEntries;
use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\StoredColumns;
use Illuminate\Support\Facades\DB;
use stdClass;

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
     * @param  list<stdClass>  $entries  of the journal, the newest first, with the `change_seq` of their change set
     * @return list<stdClass> those that tell anything; each with `values` ({field, word, before, after}), with `called`, and with the
     *     `version` of the row now, 0 where it is gone
     */
    public function describe(array $entries): array
    {
        $rows = $this->rowsNow($entries);
        $described = [];
        $listed = array_column($entries, null, 'id');
        foreach ($this->since($entries) as $entry) {
            $before = $entry->before === null ? [] : json_decode($entry->before, true, flags: JSON_THROW_ON_ERROR);
            $then = $rows[$entry->row_id] ?? [];
            if (isset($listed[$entry->id])) {
                $one = $listed[$entry->id];
                $one->version = (int) ($rows[$entry->row_id]['version now'] ?? 0);
                $one->called = self::called($entry->table_name, [...$then, ...$before]);
                $one->values = self::values($entry->table_name, $entry->op, $before, $then);
                $one->row = [...$then, ...$before];
                $described[] = $one;
            }
            // Entries come newest first, so that each row is taken back on the way.
            $rows[$entry->row_id] = [...$then, ...$before];
        }

        return array_values(
            array_filter($described, static fn (stdClass $entry): bool => $entry->op !== 'update' || $entry->values !== []));
    }

    /**
     * @param  list<stdClass>  $entries
     * @return array<string, array<string, mixed>> by row
     */
    private function rowsNow(array $entries): array
    {
        $byTable = [];
        foreach ($entries as $entry) {
            if ($entry->row_id !== null) {
                $byTable[$entry->table_name][] = $entry->row_id;
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
     * @param  list<stdClass>  $entries
     * @return list<stdClass> every entry of the same rows that is as new as the oldest of these, the newest first
     */
    private function since(array $entries): array
    {
        if ($entries === []) {
            return [];
        }

        return array_values(JournalEntries::of($this->current->id())
            ->whereIn('journal.row_id', array_values(array_unique(array_column($entries, 'row_id'))))
            ->where('change_sets.seq', '>=', min(array_column($entries, 'change_seq')))
            ->orderByDesc('change_sets.seq')->orderByDesc('journal.seq')
            ->get(['journal.id', 'journal.table_name', 'journal.row_id', 'journal.op', 'journal.before'])->all());
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $then  the row just after the entry
     * @return list<array{field: string, word: string, before: string, after: string}>
     */
    private static function values(string $table, string $op, array $before, array $then): array
    {
        $values = [];
        foreach (StoredColumns::words(AuthoredTables::model($table)) as $field => $word) {
            [$was, $is] = [self::text($before[$field] ?? ''), self::text($then[$field] ?? '')];
            $isTold = match ($op) {
                'update' => array_key_exists($field, $before),
                'delete' => ! in_array($was, self::PLAIN, true),
                default => ! in_array($is, self::PLAIN, true),
            };
            if ($isTold) {
                $values[] = ['field' => $field, 'word' => $word, 'before' => $op === 'insert' ? '' : $was,
                    'after' => $op === 'delete' ? '' : $is];
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
