<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Parents who went together with the tie to their only child, by the child. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            "CREATE INDEX journal_gone_children ON journal (tree_id, (before->>'child_id')) WHERE op = 'delete'
                AND table_name = 'parent_sets'");
    }

    public function down(): void
    {
        DB::statement('DROP INDEX journal_gone_children');
    }
};
