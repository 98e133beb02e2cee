<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Models\TreeModel;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\JournalEntry;

/** The rows that one change set deleted, and which of them belong together. */
final readonly class DeletedGraph
{
    /**
     * @param  array<string, JournalEntry>  $entries  by row
     * @param  array<string, list<string>>  $parts  rows that hang on a row
     */
    private function __construct(private array $entries, private array $parts)
    {
    }

    /** @param  list<JournalEntry>  $entries  deletions of one change set */
    public static function of(array $entries): self
    {
        $byRow = array_column($entries, null, 'rowId');
        $parts = [];
        foreach ($entries as $entry) {
            foreach (self::hangsBy($entry->table) as $column) {
                $owner = $entry->before[$column] ?? null;
                if (is_string($owner) && isset($byRow[$owner])) {
                    $parts[$owner][] = $entry->rowId;
                }
            }
        }

        return new self($byRow, $parts);
    }

    /**
     * @param  list<string>  $tables
     * @return list<JournalEntry> entries of what did not go with something else
     */
    public function things(array $tables): array
    {
        $isPart = array_fill_keys(array_merge([], ...array_values($this->parts)), true);

        return array_values(
            array_filter($this->entries,
                static fn (JournalEntry $entry): bool => in_array($entry->table, $tables, true) && ! isset($isPart[$entry->rowId])));
    }

    /** @return list<JournalEntry> entries of whatever hangs on a thing, directly or not, without itself */
    public function goingWith(JournalEntry $thing): array
    {
        $with = [];
        for ($waiting = [$thing->rowId]; $waiting !== [];) {
            foreach ($this->parts[array_pop($waiting)] ?? [] as $part) {
                if (! isset($with[$part])) {
                    $with[$part] = $this->entries[$part];
                    $waiting[] = $part;
                }
            }
        }

        return array_values($with);
    }

    public function entry(string $rowId): ?JournalEntry
    {
        return $this->entries[$rowId] ?? null;
    }

    public function called(JournalEntry $thing): string
    {
        $row = $thing->before;
        $names = array_map(static fn (JournalEntry $part): array => $part->before,
            array_filter($thing->table === 'people' ? $this->goingWith($thing) : [],
                static fn (JournalEntry $part): bool => $part->table === 'names'));
        if ($names !== []) {
            usort($names, static fn (array $a, array $b): int => [$a['position'], $a['ordinal']] <=> [$b['position'], $b['ordinal']]);

            return self::name($names[0]);
        }
        $says = match ($thing->table) {
            'names' => self::name($row),
            'events' => trim("{$row['kind']} {$row['date_shown']}"),
            default => (string) ($row['title'] ?? $row['name'] ?? $row['text'] ?? $row['words'] ?? ''),
        };

        return trim(AuthoredTables::word($thing->table).' '.mb_strimwidth($says, 0, 90, '…'));
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
