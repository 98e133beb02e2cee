<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Deaths of which a file has only the tag, and which assert nothing: the Desk asks for them at every visit. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("CREATE INDEX events_unasserted ON events (tree_id) WHERE (standing = 'rival' AND jsonb_exists(written, 'IMPLIED'))");
    }

    public function down(): void
    {
        DB::statement('DROP INDEX events_unasserted');
    }
};
