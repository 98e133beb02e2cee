<?php

declare(strict_types=1);

namespace App\Trees\Records;

use App\Refusal;
use App\Trees\Kinds\TreeRecordKinds;
use App\Trees\Places\Gazetteers;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** A record that stands in a file of its own, `{"kind","date","place","lines":[{"name","role","columns":{…}}]}`, and in no tree. */
final readonly class RecordFile
{
    public function __construct(private TreeRecordKinds $kinds, private Gazetteers $gazetteers)
    {
    }

    /**
     * @param  string  $json  a line may name an `id`; else lines are counted from 1
     *
     * @throws Refusal when it is no such record, with what is wrong and where
     */
    public function roll(string $json): Roll
    {
        $decoded = json_decode($json, true);
        if (! is_array($decoded) || ! is_array($decoded['lines'] ?? null)) {
            throw new Refusal('The file tells no record: it wants kind, date, place, and lines of name, role and columns, as JSON.');
        }
        $kind = $this->kind(self::text($decoded, 'kind', 'The record'));
        $place = self::text($decoded, 'place', 'The record');
        $lines = [];
        foreach (array_values($decoded['lines']) as $at => $line) {
            $lines[] = self::line($kind, $line, $at + 1);
        }
        $convention = $this->gazetteers->datingConvention($this->gazetteers->meant($place, null));

        return new Roll($kind, GenDate::parse(self::text($decoded, 'date', 'The record'), $convention), $place, $lines, $convention);
    }

    private function kind(string $code): RecordKind
    {
        foreach ($this->kinds->all() as $kind) {
            if ($kind->code === $code) {
                return $kind;
            }
        }
        throw new Refusal("There is no kind of record “{$code}”. php artisan bough:kinds --json lists them.");
    }

    private static function line(RecordKind $kind, mixed $decoded, int $number): RollLine
    {
        if (! is_array($decoded)) {
            throw new Refusal("Line {$number} is no line: it wants name, role and columns.");
        }
        $role = self::text($decoded, 'role', "Line {$number}");
        if ($role !== '' && $kind->role($role) === null) {
            throw new Refusal("Line {$number}: “{$role}” is no role of {$kind->code}.");
        }
        $columns = is_array($decoded['columns'] ?? null) ? $decoded['columns'] : [];
        $codes = array_map(static fn (Column $column): string => $column->code, $kind->columns);
        $unknown = array_diff(array_map(strval(...), array_keys($columns)), $codes);
        if ($unknown !== []) {
            throw new Refusal("Line {$number}: “".implode('”, “', $unknown)."” is no column of {$kind->code}. It has "
                .implode(', ', $codes).'.');
        }
        $id = $decoded['id'] ?? null;

        return new RollLine(is_string($id) || is_int($id) ? (string) $id : (string) $number,
            trim(self::text($decoded, 'name', "Line {$number}")), $role,
            array_map(static fn (mixed $value): string => is_scalar($value) ? trim((string) $value) : '', $columns));
    }

    /** @param  array<mixed>  $decoded */
    private static function text(array $decoded, string $field, string $where): string
    {
        $value = $decoded[$field] ?? '';

        return is_scalar($value) ? (string) $value : throw new Refusal("{$where}: “{$field}” is no text.");
    }
}
