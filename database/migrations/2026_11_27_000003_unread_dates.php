<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The few dates that wait for somebody, among a million that do not: the Desk asks for them at every visit. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("CREATE INDEX events_unread ON events (tree_id)
            WHERE (date_problem <> '' OR other_begin_lo IS NOT NULL OR (date_kind = 'phrase' AND date_typed <> ''
            AND date_typed NOT LIKE '(%'))");
    }

    public function down(): void
    {
        DB::statement('DROP INDEX events_unread');
    }
};
