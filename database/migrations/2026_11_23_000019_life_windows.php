<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** When people lived, as it follows from everything around them: never journalled, always rebuildable from the tree. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('life_windows', function (Blueprint $table): void {
            $table->foreignUuid('tree_id')->constrained()->cascadeOnDelete();
            $table->uuid('person_id');
            foreach (['born', 'died', 'likely_born', 'likely_died'] as $bound) {
                $table->integer("{$bound}_from")->nullable();
                $table->integer("{$bound}_to")->nullable();
            }
            $table->primary(['tree_id', 'person_id']);
        });
        // Whose bounds follow at first hand from whose.
        DB::statement("ALTER TABLE life_windows ADD COLUMN sources uuid[] NOT NULL DEFAULT '{}'");
        DB::statement("CREATE INDEX life_windows_sources ON life_windows USING gin (sources) WHERE sources <> '{}'");
        Schema::create('people_due', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('tree_id')->constrained()->cascadeOnDelete();
            // Nobody: the whole tree.
            $table->uuid('person_id')->nullable();
            $table->index(['tree_id', 'id']);
        });
        Schema::table('trees', fn (Blueprint $table) => $table->timestampTz('due_asked_at')->nullable());
    }

    public function down(): void
    {
        Schema::table('trees', fn (Blueprint $table) => $table->dropColumn('due_asked_at'));
        Schema::drop('people_due');
        Schema::drop('life_windows');
    }
};
