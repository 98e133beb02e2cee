<?php

declare(strict_types=1);

namespace App\Trees\Storage;

use Closure;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The shape that every authored table of a tree shares: its key is (tree_id, id) and every reference carries both,
 * so that rows of one tree can never point into another.
 */
final class TreeTable
{
    /** @param  Closure(Blueprint): void  $columns */
    public static function create(string $name, Closure $columns): void
    {
        Schema::create($name, function (Blueprint $table) use ($columns): void {
            $table->foreignUuid('tree_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->primary(['tree_id', 'id']);
            $columns($table);
            // Its place among its siblings in the file that it came from; -1 when it came from none.
            $table->integer('ordinal')->default(-1);
            $table->jsonb('written')->default('{}');
            $table->integer('version')->default(1);
            // The bulk change set that made the row.
            $table->uuid('made_by')->nullable();
        });
        DB::statement("CREATE INDEX {$name}_made_by ON {$name} (tree_id, made_by) WHERE made_by IS NOT NULL");
    }

    public static function belongs(Blueprint $table, string $column, string $to): void
    {
        $table->uuid($column);
        self::reference($table, $column, $to);
    }

    public static function mayBelong(Blueprint $table, string $column, string $to): void
    {
        $table->uuid($column)->nullable();
        self::reference($table, $column, $to);
    }

    /** @param  array<string, string>  $targets column without _id => table */
    public static function belongsToOne(Blueprint $table, array $targets): void
    {
        foreach ($targets as $target => $to) {
            self::mayBelong($table, "{$target}_id", $to);
        }
    }

    /** @param  list<string>  $targets */
    public static function onlyOne(string $table, array $targets, bool $orNone = false): void
    {
        $columns = implode(', ', array_map(static fn (string $target): string => "{$target}_id", $targets));
        $test = $orNone ? '<= 1' : '= 1';
        DB::statement("ALTER TABLE {$table} ADD CONSTRAINT {$table}_of_one CHECK (num_nonnulls({$columns}) {$test})");
    }

    private static function reference(Blueprint $table, string $column, string $to): void
    {
        $table->foreign(['tree_id', $column])->references(['tree_id', 'id'])->on($to);
        $table->index(['tree_id', $column]);
    }

    /** From when until when, as it was typed and in days. */
    public static function days(Blueprint $table): void
    {
        $table->text('from_typed')->default('');
        $table->text('to_typed')->default('');
        $table->integer('from_day')->nullable();
        $table->integer('to_day')->nullable();
    }

    /** How dates are written in a source or at a place: calendar, first day of the year, until when, order of bare numbers. */
    public static function reckoning(Blueprint $table): void
    {
        $table->jsonb('reckoning')->nullable();
    }

    /** @param  list<string>  $values */
    public static function oneOf(string $table, string $column, array $values): void
    {
        $list = implode(', ', array_map(static fn (string $value): string => "'{$value}'", $values));
        DB::statement("ALTER TABLE {$table} ADD CONSTRAINT {$table}_{$column}_one_of CHECK ({$column} IN ({$list}))");
    }
}
