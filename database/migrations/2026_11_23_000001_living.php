<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('trees', function (Blueprint $table): void {
            $table->smallInteger('dead_years_after_birth')->default(110);
            $table->smallInteger('dead_years_after_adult_event')->default(100);
            $table->boolean('readers_see_living')->default(false);
        });
        // A set that changes nothing and is only told: the living left in full.
        DB::statement('ALTER TABLE change_sets DROP CONSTRAINT change_sets_kind');
        DB::statement("ALTER TABLE change_sets ADD CONSTRAINT change_sets_kind CHECK (kind IN ('do', 'undo', 'redo', 'told'))");
        Schema::table('people', function (Blueprint $table): void {
            // Why an editor says that this person is dead although no death is known; empty when nobody says so.
            $table->text('said_dead_why')->default('');
        });
        foreach (['names', 'events', 'union_partners'] as $table) {
            Schema::table($table, fn (Blueprint $table) => $table->string('standing', 10)->default('unweighed'));
            DB::statement(
                "ALTER TABLE {$table} ADD CONSTRAINT {$table}_standing CHECK (standing IN ('accepted', 'rival', 'ruled out', "
                    ."'unweighed'))");
        }
        // Emptied, so that they are worked out anew with the days of a life.
        DB::table('person_lines')->delete();
        Schema::table('person_lines', function (Blueprint $table): void {
            // Day numbers: the latest certain birth, and the day from which the person counts as dead (0 always, null never).
            $table->integer('born_by')->nullable();
            $table->integer('died_by')->nullable();
            $table->integer('dead_from')->nullable();
            $table->index(['tree_id', 'dead_from']);
        });
    }

    public function down(): void
    {
        foreach (['names', 'events', 'union_partners'] as $table) {
            Schema::table($table, fn (Blueprint $table) => $table->dropColumn('standing'));
        }
        Schema::table('trees',
            fn (Blueprint $table) => $table->dropColumn(['dead_years_after_birth', 'dead_years_after_adult_event', 'readers_see_living']));
        // A set that changes nothing and is only told: the living left in full.
        DB::statement('ALTER TABLE change_sets DROP CONSTRAINT change_sets_kind');
        DB::statement("ALTER TABLE change_sets ADD CONSTRAINT change_sets_kind CHECK (kind IN ('do', 'undo', 'redo', 'told'))");
        Schema::table('people', fn (Blueprint $table) => $table->dropColumn('said_dead_why'));
        Schema::table('person_lines', fn (Blueprint $table) => $table->dropColumn(['born_by', 'died_by', 'dead_from']));
    }
};
