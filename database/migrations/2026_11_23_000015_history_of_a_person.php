<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What was deleted of somebody is found by whose it was: its rows are gone, and only the journal knows. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("CREATE INDEX journal_deleted_of ON journal (tree_id, (before->>'person_id')) WHERE op = 'delete'");
    }

    public function down(): void
    {
        DB::statement('DROP INDEX journal_deleted_of');
    }
};
