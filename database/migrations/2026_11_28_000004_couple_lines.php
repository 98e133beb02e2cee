<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The line of each couple in the list of couples: never journalled, always to be worked out again from the tree. */
return new class extends Migration
{
    /** What a list is sorted by, up and down: SortColumn in SQL. */
    private const COUPLES = ['first_sort', "coalesce(nullif(second_sort, ''), U&'\\+10FFFF')", 'second_sort',
        'coalesce(married_day, 2147483647)', 'coalesce(married_day, -2147483647)',
        "coalesce(nullif(married_place, ''), U&'\\+10FFFF')", 'married_place', 'children'];

    public function up(): void
    {
        Schema::create('couple_lines', function (Blueprint $table): void {
            $table->uuid('tree_id');
            $table->uuid('union_id');
            $table->text('first_sort');
            $table->text('second_sort')->default('');
            $table->text('search');
            $table->text('married_shown')->default('');
            $table->integer('married_day')->nullable();
            $table->text('married_place')->default('');
            $table->integer('children')->default(0);
            $table->primary(['tree_id', 'union_id']);
            $table->foreign(['tree_id', 'union_id'])->references(['tree_id', 'id'])->on('unions')->cascadeOnDelete();
        });
        foreach (self::COUPLES as $at => $key) {
            DB::statement("CREATE INDEX couple_lines_by_{$at} ON couple_lines (tree_id, ({$key}), union_id)");
        }
        foreach (['birth', 'death'] as $end) {
            DB::statement(
                "CREATE INDEX person_lines_{$end}_down ON person_lines (tree_id, (coalesce({$end}_day, -2147483647)), person_id)");
        }
        DB::statement('CREATE INDEX couple_lines_search ON couple_lines USING gin (tree_id, search gin_trgm_ops)');
        // Worked out anew, and with it the list of couples, when the program is started.
        DB::table('person_lines')->delete();
    }

    public function down(): void
    {
        DB::statement('DROP INDEX person_lines_birth_down');
        DB::statement('DROP INDEX person_lines_death_down');
        Schema::drop('couple_lines');
    }
};
