<?php

declare(strict_types=1);

use App\Trees\Storage\DateSet;
use App\Trees\Storage\TreeTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement('CREATE EXTENSION IF NOT EXISTS pg_trgm');

        TreeTable::create('people', function (Blueprint $table): void {
            $table->integer('number');
            $table->char('sex', 1)->default('U');
            $table->unique(['tree_id', 'number']);
        });
        DB::statement("ALTER TABLE people ADD CONSTRAINT people_sex CHECK (sex IN ('F', 'M', 'X', 'U'))");

        TreeTable::create('names', function (Blueprint $table): void {
            TreeTable::belongs($table, 'person_id', 'people');
            $table->string('kind', 20);
            foreach (['given', 'surname_prefix', 'surname', 'suffix', 'title', 'nickname'] as $part) {
                $table->text($part)->default('');
            }
            $table->integer('position')->default(0);
        });

        TreeTable::create('unions', function (Blueprint $table): void {
        });

        TreeTable::create('union_partners', function (Blueprint $table): void {
            TreeTable::belongs($table, 'union_id', 'unions');
            TreeTable::belongs($table, 'person_id', 'people');
            $table->string('slot', 4);
            $table->string('side', 6)->default('both');
            $table->integer('position')->default(0);
            $table->integer('person_ordinal')->default(-1);
            $table->unique(['tree_id', 'union_id', 'person_id']);
        });
        DB::statement("ALTER TABLE union_partners ADD CONSTRAINT union_partners_slot CHECK (slot IN ('HUSB', 'WIFE'))");

        TreeTable::create('parent_sets', function (Blueprint $table): void {
            TreeTable::belongs($table, 'child_id', 'people');
            TreeTable::belongs($table, 'union_id', 'unions');
            $table->boolean('leads')->default(false);
            $table->string('kind', 12)->default('birth');
            $table->string('side', 6)->default('both');
            $table->integer('position')->default(0);
            $table->integer('child_ordinal')->default(-1);
            $table->unique(['tree_id', 'child_id', 'union_id']);
        });
        DB::statement('CREATE UNIQUE INDEX parent_sets_one_leads ON parent_sets (tree_id, child_id) WHERE leads');

        TreeTable::create('parentages', function (Blueprint $table): void {
            TreeTable::belongs($table, 'parent_set_id', 'parent_sets');
            TreeTable::belongs($table, 'person_id', 'people');
            $table->string('kind', 12)->default('birth');
            $table->string('standing', 10)->default('unweighed');
            $table->string('proof', 10)->default('unstated');
            $table->unique(['tree_id', 'parent_set_id', 'person_id']);
        });
        DB::statement(
            "ALTER TABLE parentages ADD CONSTRAINT parentages_kind CHECK (kind IN ('birth', 'adoptive', 'foster', 'guardian', 'recognised',
                'other'))");

        TreeTable::create('places', function (Blueprint $table): void {
            $table->text('name');
            TreeTable::mayBelong($table, 'inside_id', 'places');
            $table->text('search');
        });
        DB::statement('CREATE INDEX places_search ON places USING gin (search gin_trgm_ops)');

        TreeTable::create('events', function (Blueprint $table): void {
            TreeTable::mayBelong($table, 'person_id', 'people');
            TreeTable::mayBelong($table, 'union_id', 'unions');
            $table->string('kind', 40);
            $table->text('type_words')->default('');
            $table->text('value')->default('');
            DateSet::on($table);
            $table->text('place_typed')->default('');
            TreeTable::mayBelong($table, 'place_id', 'places');
            $table->boolean('denied')->default(false);
            $table->integer('position')->default(0);
            $table->index(['tree_id', 'kind', 'date_begin_lo']);
        });
        DB::statement('ALTER TABLE events ADD CONSTRAINT events_of_one CHECK (num_nonnulls(person_id, union_id) = 1)');

        // Derived: one line a person for the index and the jump field; can be emptied and rebuilt.
        Schema::create('person_lines', function (Blueprint $table): void {
            $table->uuid('tree_id');
            $table->uuid('person_id');
            $table->integer('number');
            $table->char('sex', 1);
            $table->text('shown_name');
            $table->text('filed_name');
            $table->text('sort_name');
            $table->text('search');
            $table->text('birth_shown')->default('');
            $table->integer('birth_day')->nullable();
            $table->text('birth_place')->default('');
            $table->text('death_shown')->default('');
            $table->integer('death_day')->nullable();
            $table->primary(['tree_id', 'person_id']);
            $table->foreign(['tree_id', 'person_id'])->references(['tree_id', 'id'])->on('people')->cascadeOnDelete();
            $table->index(['tree_id', 'sort_name', 'person_id']);
            $table->index(['tree_id', 'number']);
            $table->index(['tree_id', 'birth_day', 'person_id']);
        });
        DB::statement('CREATE INDEX person_lines_search ON person_lines USING gin (search gin_trgm_ops)');
    }

    public function down(): void
    {
        foreach (['person_lines', 'events', 'places', 'parentages', 'parent_sets', 'union_partners', 'unions', 'names',
            'people'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
