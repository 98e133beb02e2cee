<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Life\Window\BoundNetwork;

/** Lives whose bounds leave no day are few, and are asked for after every change. Windows are worked out anew at the next start. */
return new class extends Migration
{
    public function up(): void
    {
        [$first, $last] = [BoundNetwork::FIRST, BoundNetwork::LAST];
        DB::table('life_windows')->truncate();
        DB::statement("CREATE INDEX life_windows_impossible ON life_windows (tree_id, person_id)
            WHERE born_from > born_to OR died_from > died_to OR born_from = {$last} OR died_from = {$last} OR born_to = {$first} OR "
                ."died_to = {$first}");
    }

    public function down(): void
    {
        DB::statement('DROP INDEX life_windows_impossible');
    }
};
