<?php

declare(strict_types=1);

use App\Trees\Storage\TreeTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How a claim answers what it is cited for, and which other claim it was copied from. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('claims', function (Blueprint $table): void {
            $table->string('evidence', 10)->default('unstated');
            TreeTable::mayBelong($table, 'leans_on_id', 'claims');
        });
        DB::statement(
            "ALTER TABLE claims ADD CONSTRAINT claims_evidence_one_of CHECK (evidence IN ('unstated', 'direct', 'indirect', 'negative'))");
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE claims DROP CONSTRAINT claims_evidence_one_of');
        Schema::table('claims', function (Blueprint $table): void {
            $table->dropForeign(['tree_id', 'leans_on_id']);
            $table->dropColumn(['evidence', 'leans_on_id']);
        });
    }
};
