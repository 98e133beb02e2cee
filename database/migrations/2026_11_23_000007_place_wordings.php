<?php

declare(strict_types=1);

use App\Trees\Storage\TreeTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class extends Migration
{
    public function up(): void
    {
        // Which place words stand for is said once for all facts that use them; `events.place_id` says otherwise for one fact.
        TreeTable::create('place_wordings', function (Blueprint $table): void {
            $table->text('typed');
            TreeTable::belongs($table, 'place_id', 'places');
        });
        // Typed words can be longer than an index entry may be.
        DB::statement('CREATE UNIQUE INDEX place_wordings_typed ON place_wordings (tree_id, md5(typed))');
        DB::statement('CREATE INDEX events_place_typed ON events (tree_id, md5(place_typed)) WHERE place_typed <> \'\'');
        DB::statement(
            'CREATE INDEX events_place_begins ON events (tree_id, lower(left(place_typed, 60)) text_pattern_ops)
                WHERE place_typed <> \'\'');
        foreach (['places', 'place_names'] as $table) {
            DB::statement("CREATE INDEX {$table}_named ON {$table} (tree_id, search)");
        }
        Schema::table('trees', fn (Blueprint $table) => $table->jsonb('reckoning')->nullable());
        $said = DB::table('events')->whereNotNull('place_id')->distinct()->get(['tree_id', 'place_typed', 'place_id'])
            ->unique(static fn ($row): string => $row->tree_id.$row->place_typed);
        foreach ($said as $row) {
            DB::table('place_wordings')
                ->insert(['tree_id' => $row->tree_id, 'id' => (string) Str::uuid7(), 'typed' => $row->place_typed,
                    'place_id' => $row->place_id]);
        }
        DB::table('events')->whereNotNull('place_id')->update(['place_id' => null]);
    }

    public function down(): void
    {
        throw new RuntimeException('What words stand for is not taken out again: restore a backup from before it.');
    }
};
