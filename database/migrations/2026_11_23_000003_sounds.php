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
        DB::table('person_lines')->delete();
        // Sound codes of every word of every name.
        DB::statement("ALTER TABLE person_lines ADD COLUMN sounds text[] NOT NULL DEFAULT '{}'");
        DB::statement('CREATE INDEX person_lines_sounds ON person_lines USING gin (sounds)');
        Schema::table('person_lines', fn (Blueprint $table) => $table->index(['tree_id', 'death_day', 'person_id']));
    }

    public function down(): void
    {
        Schema::table('person_lines', fn (Blueprint $table) => $table->dropColumn('sounds'));
    }
};
