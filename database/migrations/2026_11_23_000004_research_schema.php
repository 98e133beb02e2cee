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
    private const STANDING = ['accepted', 'rival', 'ruled out', 'unweighed'];

    public function up(): void
    {
        $this->placesOverTime();
        $this->peopleAndTies();
        $this->sourcesAndRecords();
        $this->evidence();
        $this->work();
    }

    private function placesOverTime(): void
    {
        Schema::table('places', function (Blueprint $table): void {
            $table->string('kind', 40)->default('');
            $table->decimal('latitude', 9, 6)->nullable();
            $table->decimal('longitude', 9, 6)->nullable();
            TreeTable::reckoning($table);
        });
        // What a place was called, in a language, between two days; the name of the place itself is the usual one.
        TreeTable::create('place_names', function (Blueprint $table): void {
            TreeTable::belongs($table, 'place_id', 'places');
            $table->text('name');
            $table->text('search');
            $table->string('language', 35)->default('');
            TreeTable::days($table);
            $table->integer('position')->default(0);
        });
        DB::statement('CREATE INDEX place_names_search ON place_names USING gin (search gin_trgm_ops)');
        // What a place lay in between two days, where it was not always what `inside_id` says; and which church served it.
        foreach (['place_insides' => 'inside_id', 'place_churches' => 'church_id'] as $name => $other) {
            TreeTable::create($name, function (Blueprint $table) use ($other): void {
                TreeTable::belongs($table, 'place_id', 'places');
                TreeTable::belongs($table, $other, 'places');
                TreeTable::days($table);
            });
        }
    }

    private function peopleAndTies(): void
    {
        foreach (['names', 'events', 'union_partners', 'parent_sets', 'parentages'] as $table) {
            // The person for whom the row was made; no join changes it.
            Schema::table($table, fn (Blueprint $t) => $t->uuid('entered_for')->nullable());
        }
        Schema::table('unions', fn (Blueprint $table) => $table->string('kind', 40)->default(''));
        Schema::table('parentages', function (Blueprint $table): void {
            $table->text('kind_words')->default('');
            $table->text('years')->default('');
        });
        TreeTable::oneOf('parentages', 'standing', self::STANDING);
        TreeTable::oneOf('parentages', 'proof', ['unstated', 'unresolved', 'probable', 'proved']);
        TreeTable::create('event_kinds', function (Blueprint $table): void {
            $table->string('code', 40);
            $table->text('word');
            $table->string('tag', 31)->default('EVEN');
            foreach (['of_person', 'of_union', 'single', 'has_value'] as $flag) {
                $table->boolean($flag)->default(false);
            }
            $table->jsonb('fields')->default('[]');
            $table->text('sentence')->default('');
            $table->unique(['tree_id', 'code']);
        });
        TreeTable::create('event_roles', function (Blueprint $table): void {
            TreeTable::belongs($table, 'event_id', 'events');
            TreeTable::mayBelong($table, 'person_id', 'people');
            $table->string('role', 40);
            $table->text('words')->default('');
            $table->integer('position')->default(0);
        });
        TreeTable::create('name_variants', function (Blueprint $table): void {
            $table->text('words');
        });
        foreach (['groups' => 'group_members', 'marks' => 'markings'] as $name => $members) {
            TreeTable::create($name, function (Blueprint $table): void {
                $table->text('name');
                $table->string('colour', 20)->default('');
                $table->text('meaning')->default('');
                $table->integer('position')->default(0);
            });
            TreeTable::create($members, function (Blueprint $table) use ($name): void {
                TreeTable::belongs($table, substr($name, 0, -1).'_id', $name);
                TreeTable::belongsToOne($table,
                    ['person' => 'people', 'union' => 'unions', 'event' => 'events', 'source' => 'sources', 'place' => 'places']);
                $table->text('why')->default('');
            });
            TreeTable::onlyOne($members, ['person', 'union', 'event', 'source', 'place']);
        }
    }

    private function sourcesAndRecords(): void
    {
        foreach (['source_kinds', 'record_kinds'] as $name) {
            TreeTable::create($name, function (Blueprint $table): void {
                $table->text('name');
                $table->text('search')->default('');
                $table->jsonb('template')->default('{}');
                $table->integer('position')->default(0);
            });
        }
        Schema::table('sources', function (Blueprint $table): void {
            TreeTable::mayBelong($table, 'source_kind_id', 'source_kinds');
            $table->jsonb('fields')->default('{}');
            $table->text('list_name')->default('');
            TreeTable::reckoning($table);
        });
        Schema::table('records', function (Blueprint $table): void {
            TreeTable::mayBelong($table, 'record_kind_id', 'record_kinds');
            TreeTable::mayBelong($table, 'place_id', 'places');
            $table->text('place_typed')->default('');
            DateSet::on($table);
            $table->jsonb('fields')->default('{}');
            $table->text('transcription')->default('');
            $table->string('source_class', 12)->default('unstated');
            $table->string('file_number', 100)->default('');
            $table->integer('told_count')->nullable();
            $table->jsonb('draft')->nullable();
            $table->boolean('look_again')->default(false);
        });
        TreeTable::oneOf('records', 'source_class', ['unstated', 'original', 'derivative', 'authored']);
        TreeTable::create('roll_lines', function (Blueprint $table): void {
            TreeTable::belongs($table, 'record_id', 'records');
            $table->integer('position');
            $table->string('role', 40)->default('');
            $table->text('name_typed')->default('');
            $table->text('search')->default('');
            $table->jsonb('columns')->default('{}');
            $table->jsonb('slip')->nullable();
            $table->integer('day_lo')->nullable();
            $table->integer('day_hi')->nullable();
            $table->index(['tree_id', 'record_id', 'position']);
        });
        DB::statement('CREATE INDEX roll_lines_search ON roll_lines USING gin (search gin_trgm_ops)');
        TreeTable::create('media', function (Blueprint $table): void {
            $table->text('path');
            $table->text('title')->default('');
            $table->char('sha256', 64);
            $table->bigInteger('bytes');
            $table->string('type', 100)->default('');
            $table->index(['tree_id', 'sha256']);
        });
        $targets = ['person' => 'people', 'event' => 'events', 'union' => 'unions', 'place' => 'places', 'source' => 'sources',
            'record' => 'records'];
        TreeTable::create('media_links', function (Blueprint $table) use ($targets): void {
            TreeTable::belongs($table, 'media_id', 'media');
            TreeTable::belongsToOne($table, $targets);
            $table->integer('position')->default(0);
            $table->boolean('is_main')->default(false);
            $table->jsonb('view')->nullable();
            $table->uuid('entered_for')->nullable();
        });
        TreeTable::onlyOne('media_links', array_keys($targets));
        TreeTable::create('regions', function (Blueprint $table): void {
            TreeTable::belongs($table, 'media_id', 'media');
            TreeTable::mayBelong($table, 'person_id', 'people');
            foreach (['left', 'top', 'width', 'height'] as $side) {
                $table->decimal($side, 7, 6);
            }
            $table->text('words')->default('');
        });
    }

    private function evidence(): void
    {
        TreeTable::create('questions', function (Blueprint $table): void {
            $table->string('kind', 12);
            TreeTable::mayBelong($table, 'person_id', 'people');
            TreeTable::mayBelong($table, 'union_id', 'unions');
            $table->string('aspect', 40)->default('');
            $table->text('title')->default('');
            $table->string('state', 12)->default('open');
            $table->text('decision')->default('');
            $table->text('reason')->default('');
            $table->text('summary')->default('');
            $table->text('reopened_by')->default('');
            $table->index(['tree_id', 'state']);
        });
        TreeTable::oneOf('questions', 'kind', ['conflict', 'identity', 'kinship']);
        TreeTable::oneOf('questions', 'state', ['open', 'unresolved', 'probable', 'proved', 'ruled out', 'decided']);
        TreeTable::create('placings', function (Blueprint $table): void {
            TreeTable::belongs($table, 'roll_line_id', 'roll_lines');
            TreeTable::mayBelong($table, 'person_id', 'people');
            TreeTable::mayBelong($table, 'question_id', 'questions');
            $table->string('state', 12);
            $table->text('reason')->default('');
            $table->uuid('entered_for')->nullable();
        });
        TreeTable::oneOf('placings', 'state', ['placed', 'probable', 'alternative', 'refused', 'set aside']);
        DB::statement("ALTER TABLE placings ADD CONSTRAINT placings_whom CHECK ((person_id IS NULL) = (state = 'set aside'))");
        DB::statement("CREATE UNIQUE INDEX placings_one_placed ON placings (tree_id, roll_line_id) WHERE state = 'placed'");
        Schema::table('claims', function (Blueprint $table): void {
            TreeTable::mayBelong($table, 'roll_line_id', 'roll_lines');
            TreeTable::mayBelong($table, 'other_line_id', 'roll_lines');
            TreeTable::mayBelong($table, 'informant_id', 'people');
            $table->string('aspect', 40)->default('');
            $table->text('informant')->default('');
            $table->text('informant_tie')->default('');
            $table->string('information', 12)->default('unstated');
            $table->string('reading', 12)->default('sure');
            $table->text('origin')->default('');
            $table->boolean('is_absence')->default(false);
            $table->string('weight_said', 8)->default('');
            $table->text('weight_why')->default('');
            $table->jsonb('said')->default('{}');
        });
        TreeTable::oneOf('claims', 'information', ['unstated', 'primary', 'secondary', 'undetermined']);
        $uses = ['event' => 'events', 'name' => 'names', 'union' => 'unions', 'parentage' => 'parentages', 'question' => 'questions'];
        TreeTable::create('claim_uses', function (Blueprint $table) use ($uses): void {
            TreeTable::belongs($table, 'claim_id', 'claims');
            TreeTable::belongsToOne($table, $uses);
            $table->string('stance', 12)->default('supports');
            $table->string('evidence', 10)->default('unstated');
        });
        TreeTable::onlyOne('claim_uses', array_keys($uses));
        TreeTable::oneOf('claim_uses', 'stance', ['supports', 'contradicts', 'bears on']);
        TreeTable::oneOf('claim_uses', 'evidence', ['unstated', 'direct', 'indirect', 'negative']);
        TreeTable::create('alternatives', function (Blueprint $table): void {
            TreeTable::belongs($table, 'question_id', 'questions');
            $table->text('title');
            $table->jsonb('supposed')->default('[]');
            $table->integer('position')->default(0);
            $table->text('outcome')->default('');
        });
        TreeTable::create('points', function (Blueprint $table): void {
            TreeTable::belongs($table, 'question_id', 'questions');
            TreeTable::mayBelong($table, 'alternative_id', 'alternatives');
            TreeTable::mayBelong($table, 'claim_id', 'claims');
            $table->boolean('is_for');
            $table->text('text');
            $table->string('weight', 8)->default('');
            $table->integer('position')->default(0);
        });
        // A human decision, and what it rests on.
        $deciding = ['deciding_question' => 'questions', 'deciding_event' => 'events', 'deciding_parentage' => 'parentages',
            'deciding_placing' => 'placings'];
        $grounds = ['claim' => 'claims', 'question' => 'questions', 'placing' => 'placings'];
        TreeTable::create('rests_on', function (Blueprint $table) use ($deciding, $grounds): void {
            TreeTable::belongsToOne($table, $deciding);
            TreeTable::belongsToOne($table, $grounds);
        });
        DB::statement(
            'ALTER TABLE rests_on ADD CONSTRAINT rests_on_deciding CHECK (num_nonnulls(deciding_question_id, deciding_event_id,
                deciding_parentage_id, deciding_placing_id) = 1)');
        TreeTable::onlyOne('rests_on', array_keys($grounds));
    }

    private function work(): void
    {
        TreeTable::create('series', function (Blueprint $table): void {
            $table->text('name');
            TreeTable::mayBelong($table, 'place_id', 'places');
            TreeTable::mayBelong($table, 'repository_id', 'repositories');
            $table->string('kind', 40)->default('');
            TreeTable::days($table);
            $table->jsonb('gaps')->default('[]');
            $table->boolean('is_complete')->default(false);
        });
        TreeTable::create('searches', function (Blueprint $table): void {
            TreeTable::mayBelong($table, 'series_id', 'series');
            TreeTable::mayBelong($table, 'source_id', 'sources');
            TreeTable::mayBelong($table, 'question_id', 'questions');
            DateSet::on($table);
            foreach (['looked_for', 'looked_in', 'found', 'note'] as $words) {
                $table->text($words)->default('');
            }
            $table->boolean('in_vain')->default(false);
        });
        TreeTable::create('search_people', function (Blueprint $table): void {
            TreeTable::belongs($table, 'search_id', 'searches');
            TreeTable::belongs($table, 'person_id', 'people');
        });
        $anything = ['person' => 'people', 'union' => 'unions', 'event' => 'events', 'place' => 'places', 'source' => 'sources',
            'repository' => 'repositories', 'record' => 'records', 'question' => 'questions'];
        TreeTable::create('tasks', function (Blueprint $table) use ($anything): void {
            TreeTable::belongsToOne($table, $anything);
            $table->text('text');
            $table->date('due_on')->nullable();
            $table->timestampTz('done_at', 0)->nullable();
            $table->integer('position')->default(0);
        });
        TreeTable::onlyOne('tasks', array_keys($anything), orNone: true);
        DB::statement('ALTER TABLE notes DROP CONSTRAINT notes_of_one');
        Schema::table('notes', function (Blueprint $table): void {
            TreeTable::belongsToOne($table,
                ['place' => 'places', 'record' => 'records', 'media' => 'media', 'parent_set' => 'parent_sets', 'question' => 'questions']);
            // Research notes stand apart from what is told, and are not printed unless asked for.
            $table->boolean('is_research')->default(false);
        });
        TreeTable::onlyOne('notes',
            ['person', 'name', 'event', 'union', 'source', 'repository', 'place', 'record', 'media', 'parent_set', 'question']);
        // Rulings are authored; the findings and pairs that they are on are worked out, and known by rule, subjects and
        // a hash of what was read.
        foreach (['finding_rulings', 'pair_rulings'] as $name) {
            TreeTable::create($name, function (Blueprint $table): void {
                $table->string('rule', 60);
                $table->jsonb('subjects');
                $table->char('read_hash', 32);
                $table->string('ruling', 20);
                $table->text('reason')->default('');
                $table->index(['tree_id', 'rule', 'read_hash']);
            });
        }
        TreeTable::create('working_sets', function (Blueprint $table): void {
            $table->text('name');
            $table->jsonb('asked')->default('{}');
        });
        TreeTable::create('working_set_people', function (Blueprint $table): void {
            TreeTable::belongs($table, 'working_set_id', 'working_sets');
            TreeTable::belongs($table, 'person_id', 'people');
        });
        TreeTable::create('drawings', function (Blueprint $table): void {
            $table->text('name');
            $table->string('kind', 40);
            TreeTable::mayBelong($table, 'person_id', 'people');
            $table->jsonb('settings')->default('{}');
        });
    }

    public function down(): void
    {
        throw new RuntimeException('The whole model is not taken out again: restore a backup from before it.');
    }
};
