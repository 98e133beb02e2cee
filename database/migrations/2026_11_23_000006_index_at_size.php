<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The index of people at 200,000: every way to search and sort it goes by a key that begins with the tree. */
return new class extends Migration
{
    /** The key of what is not dated: after everything that is. */
    private const UNDATED = 2147483647;

    public function up(): void
    {
        DB::statement('CREATE EXTENSION IF NOT EXISTS btree_gin');
        Schema::table('trees', fn (Blueprint $table) => $table->integer('people_count')->default(0));
        DB::statement('UPDATE trees SET people_count = (SELECT count(*) FROM people WHERE people.tree_id = trees.id)');
        DB::table('person_lines')->delete();
        Schema::table('person_lines', function (Blueprint $table): void {
            $table->dropIndex(['tree_id', 'birth_day', 'person_id']);
            $table->dropIndex(['tree_id', 'death_day', 'person_id']);
        });
        foreach (['birth', 'death'] as $end) {
            DB::statement("ALTER TABLE person_lines ADD COLUMN {$end}_sort integer NOT NULL GENERATED ALWAYS AS (coalesce({$end}_day, "
                .self::UNDATED.')) STORED');
            DB::statement("CREATE INDEX person_lines_{$end}_sort ON person_lines (tree_id, {$end}_sort, person_id)");
        }
        DB::statement("ALTER TABLE person_lines ADD COLUMN words tsvector GENERATED ALWAYS AS (to_tsvector('simple', search)) STORED");
        DB::statement('DROP INDEX person_lines_search');
        DB::statement('DROP INDEX person_lines_sounds');
        DB::statement('CREATE INDEX person_lines_words ON person_lines USING gin (tree_id, words)');
        DB::statement('CREATE INDEX person_lines_search ON person_lines USING gin (tree_id, search gin_trgm_ops)');
        DB::statement('CREATE INDEX person_lines_sounds ON person_lines USING gin (tree_id, sounds)');
    }

    public function down(): void
    {
        Schema::table('trees', fn (Blueprint $table) => $table->dropColumn('people_count'));
        Schema::table('person_lines', fn (Blueprint $table) => $table->dropColumn(['birth_sort', 'death_sort', 'words']));
    }
};
