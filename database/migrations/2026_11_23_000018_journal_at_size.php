<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What is asked of the journal of a large tree: ties and citations that went with somebody, what one author did, and what is gone. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("CREATE INDEX journal_deleted_child ON journal (tree_id, (before->>'child_id')) WHERE op = 'delete'");
        DB::statement("CREATE INDEX journal_deleted_on_fact ON journal (tree_id, (before->>'event_id')) WHERE op = 'delete'");
        DB::statement('CREATE INDEX change_sets_by_author ON change_sets (tree_id, user_id, seq)');
        DB::statement('CREATE INDEX change_sets_by_day ON change_sets (tree_id, made_at)');
    }

    public function down(): void
    {
        foreach (['journal_deleted_child', 'journal_deleted_on_fact', 'change_sets_by_author', 'change_sets_by_day'] as $index) {
            DB::statement("DROP INDEX {$index}");
        }
    }
};
