<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        // Derived, and worked out anew from the tree when it is empty.
        DB::table('person_lines')->truncate();
        DB::statement("ALTER TABLE person_lines ADD COLUMN surname_sound text NOT NULL DEFAULT ''");
        DB::statement('CREATE INDEX person_lines_surname_sound ON person_lines (tree_id, surname_sound, sort_name, person_id)');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE person_lines DROP COLUMN surname_sound');
    }
};
