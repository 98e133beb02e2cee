<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Ties that were deleted, by whom they tied: a person's page says which of their kin wait in the bin. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            "CREATE INDEX journal_gone_ties ON journal (tree_id, (before->>'union_id')) WHERE op = 'delete'
                AND table_name IN ('union_partners', 'parent_sets')");
        DB::statement(
            "CREATE INDEX journal_gone_partners ON journal (tree_id, (before->>'person_id')) WHERE op = 'delete'
                AND table_name = 'union_partners'");
        DB::statement(
            "CREATE INDEX journal_gone_parents ON journal (tree_id, (before->>'parent_set_id')) WHERE op = 'delete'
                AND table_name = 'parentages'");
    }

    public function down(): void
    {
        foreach (['ties', 'partners', 'parents'] as $which) {
            DB::statement("DROP INDEX journal_gone_{$which}");
        }
    }
};
