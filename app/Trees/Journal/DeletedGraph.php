<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Models\TreeModel;
use App\Trees\Changes\AuthoredTables;
use stdClass;

/** The rows that one change set deleted, and which of them belong together. */
final readonly class DeletedGraph
{
    /**
     * @param  array<string, stdClass>  $entries  by row
     * @param  array<string, array<string, mixed>>  $rows  as they were, by row
     * @param  array<string, list<string>>  $parts  rows that hang on a row
     */
    private function __construct(private array $entries, private array $rows, private array $parts)
    {
    }

    /** @param  list<stdClass>  $entries  deletions of one change set: id, table_name, row_id, before */
    public static function of(array $entries): self
    {
        $byRow = array_column($entries, null, 'row_id');
        $rows = array_map(static fn (stdClass $entry): array => json_decode($entry->before, true, flags: JSON_THROW_ON_ERROR), $byRow);
        $parts = [];
        foreach ($entries as $entry) {
            foreach (self::hangsBy($entry->table_name) as $column) {
                $owner = $rows[$entry->row_id][$column] ?? null;
                if (is_string($owner) && isset($byRow[$owner])) {
                    $parts[$owner][] = (string) $entry->row_id;
                }
            }
        }

        return new self($byRow, $rows, $parts);
    }

    /**
     * @param  list<string>  $tables
     * @return list<stdClass> entries of what did not go with something else
     */
    public function things(array $tables): array
    {
        $isPart = array_fill_keys(array_merge([], ...array_values($this->parts)), true);

        return array_values(
            array_filter($this->entries,
                static fn (stdClass $entry): bool => in_array($entry->table_name, $tables, true) && ! isset($isPart[$entry->row_id])));
    }

    /** @return list<stdClass> entries of whatever hangs on a thing, directly or not, without itself */
    public function goingWith(stdClass $thing): array
    {
        $with = [];
        for ($waiting = [(string) $thing->row_id]; $waiting !== [];) {
            foreach ($this->parts[array_pop($waiting)] ?? [] as $part) {
                if (! isset($with[$part])) {
                    $with[$part] = $this->entries[$part];
                    $waiting[] = $part;
                }
            }
        }

        return array_values($with);
    }

    /** @return array<string, mixed> the row as it was */
    public function row(stdClass $entry): array
    {
        return $this->rows[$entry->row_id];
    }

    public function entry(string $rowId): ?stdClass
    {
        return $this->entries[$rowId] ?? null;
    }

    public function called(stdClass $thing): string
    {
        $row = $this->rows[$thing->row_id];
        $names = array_map($this->row(...),
            array_filter($thing->table_name === 'people' ? $this->goingWith($thing) : [],
                static fn (stdClass $part): bool => $part->table_name === 'names'));
        if ($names !== []) {
            usort($names, static fn (array $a, array $b): int => [$a['position'], $a['ordinal']] <=> [$b['position'], $b['ordinal']]);

            return self::name($names[0]);
        }
        $says = match ($thing->table_name) {
            'names' => self::name($row),
            'events' => trim("{$row['kind']} {$row['date_shown']}"),
            default => (string) ($row['title'] ?? $row['name'] ?? $row['text'] ?? $row['words'] ?? ''),
        };

        return trim(AuthoredTables::word($thing->table_name).' '.mb_strimwidth($says, 0, 90, '…'));
    }

    /** @param  array<string, mixed>  $row */
    private static function name(array $row): string
    {
        return implode(' ',
            array_filter([$row['given'], $row['surname_prefix'], $row['surname']],
                static fn (mixed $part): bool => is_string($part) && $part !== ''));
    }

    /** @return list<string> columns by which rows of a table hang on another row */
    public static function hangsBy(string $table): array
    {
        static $columns = [];
        if ($columns === []) {
            foreach (AuthoredTables::names() as $owner) {
                /** @var class-string<TreeModel> $class */
                $class = AuthoredTables::model($owner);
                foreach ($class::dependents() as [$part, $column]) {
                    $columns[(new $part)->getTable()][] = $column;
                }
            }
        }

        return array_values(array_unique($columns[$table] ?? []));
    }
}
