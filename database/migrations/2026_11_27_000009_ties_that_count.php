<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Ties as SQL reads them: without those that were ruled out, which stay in their tables so that nobody finds them again. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            "CREATE VIEW counted_partners AS SELECT tree_id, id, union_id, person_id, slot, position, side, standing FROM union_partners
                WHERE standing <> 'ruled out'");
        DB::statement(
            "CREATE VIEW counted_parentages AS SELECT tree_id, id, parent_set_id, person_id, kind, standing, proof FROM parentages
                WHERE standing <> 'ruled out'");
    }

    public function down(): void
    {
        DB::statement('DROP VIEW counted_partners');
        DB::statement('DROP VIEW counted_parentages');
    }
};
