<?php

declare(strict_types=1);

namespace App\Trees\Storage;

use Illuminate\Support\Facades\DB;

/** Rows for COPY, which stores many of them in a fraction of the time of INSERT. */
final class CopyRows
{
    /** @param  non-empty-list<array<string, string|int|bool|null>>  $rows with the same columns */
    public static function into(string $table, array $rows): void
    {
        DB::connection()->getPdo()
            ->pgsqlCopyFromArray($table, array_map(self::line(...), $rows), "\t", '\\\\N', '"'.implode('","', array_keys($rows[0])).'"');
    }

    /** @param  array<string, string|int|bool|null>  $row */
    public static function line(array $row): string
    {
        return implode("\t", array_map(self::value(...), $row));
    }

    /** A value in the text format of COPY (PostgreSQL manual, COPY, File Formats). */
    private static function value(string|int|bool|null $value): string
    {
        return match (true) {
            $value === null => '\\N',
            is_bool($value) => $value ? 't' : 'f',
            is_int($value) => (string) $value,
            default => strtr(str_replace("\0", '', $value), ['\\' => '\\\\', "\t" => '\\t', "\n" => '\\n', "\r" => '\\r']),
        };
    }
}
