<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Models\TreeModel;
use App\Trees\Changes\AuthoredTables;
use Illuminate\Support\Facades\DB;

/** What points at a row, read off the foreign keys of the database, so that no list of it can be forgotten. */
final class Pointing
{
    /** @var array<string, list<array{class-string<TreeModel>, string}>> by table */
    private static array $known = [];

    /**
     * @param  class-string<TreeModel>  $class
     * @return list<array{class-string<TreeModel>, string}> authored models and the columns of theirs that name a row of the class
     */
    public static function at(string $class): array
    {
        $table = (new $class)->getTable();

        return self::$known[$table] ??= self::read($table);
    }

    /** @return list<array{class-string<TreeModel>, string}> */
    private static function read(string $table): array
    {
        $keys = DB::select(<<<'SQL'
            SELECT source.relname AS "table", attribute.attname AS "column"
            FROM pg_constraint key
            JOIN pg_class source ON source.oid = key.conrelid
            JOIN pg_attribute attribute ON attribute.attrelid = key.conrelid AND attribute.attnum = ANY (key.conkey)
            WHERE key.contype = 'f' AND key.confrelid = to_regclass(:table) AND attribute.attname <> 'tree_id'
            ORDER BY source.relname, attribute.attname
            SQL, ['table' => $table]);
        $pointing = [];
        foreach ($keys as $key) {
            if (AuthoredTables::has($key->table)) {
                $pointing[] = [AuthoredTables::model($key->table), $key->column];
            }
        }

        return $pointing;
    }
}
