<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('trees', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name', 200);
            $table->uuid('centre_person_id')->nullable();
            $table->integer('next_number')->default(1);
            $table->bigInteger('last_change')->default(0);
            // Words such as "Bringing in marren.ged"; edits are refused with them.
            $table->string('busy_with')->nullable();
            $table->timestampsTz();
            $table->softDeletesTz();
        });
        Schema::create('members', function (Blueprint $table): void {
            $table->foreignUuid('tree_id')->constrained()->cascadeOnDelete();
            $table->foreignUuid('user_id')->constrained()->cascadeOnDelete();
            $table->string('role', 10);
            $table->primary(['tree_id', 'user_id']);
        });
        DB::statement("ALTER TABLE members ADD CONSTRAINT members_role CHECK (role IN ('owner', 'editor', 'reader'))");

        Schema::create('change_sets', function (Blueprint $table): void {
            $table->foreignUuid('tree_id')->constrained()->cascadeOnDelete();
            $table->uuid('id');
            $table->bigInteger('seq');
            $table->foreignUuid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('how', 10);
            $table->string('kind', 4)->default('do');
            $table->text('summary');
            $table->text('why')->default('');
            $table->uuid('undoes')->nullable();
            $table->uuid('undone_by')->nullable();
            $table->timestampTz('made_at');
            $table->primary(['tree_id', 'id']);
            $table->unique(['tree_id', 'seq']);
        });
        DB::statement("ALTER TABLE change_sets ADD CONSTRAINT change_sets_how CHECK (how IN ('hand', 'batch', 'import', 'proposal'))");
        DB::statement("ALTER TABLE change_sets ADD CONSTRAINT change_sets_kind CHECK (kind IN ('do', 'undo', 'redo'))");

        Schema::create('journal', function (Blueprint $table): void {
            $table->uuid('tree_id');
            $table->uuid('id');
            $table->uuid('change_set_id');
            $table->integer('seq');
            $table->string('table_name', 40);
            $table->uuid('row_id')->nullable();
            $table->string('op', 6);
            $table->jsonb('before')->nullable();
            $table->smallInteger('schema_version')->default(1);
            $table->primary(['tree_id', 'id']);
            $table->foreign(['tree_id', 'change_set_id'])->references(['tree_id', 'id'])->on('change_sets')->cascadeOnDelete();
            $table->index(['tree_id', 'change_set_id', 'seq']);
            $table->index(['tree_id', 'row_id']);
        });
        DB::statement("ALTER TABLE journal ADD CONSTRAINT journal_op CHECK (op IN ('insert', 'update', 'delete', 'bulk'))");

        Schema::create('uploads', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 255);
            $table->bigInteger('size');
            $table->bigInteger('received')->default(0);
            $table->timestampsTz();
        });
        Schema::create('runs', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('tree_id')->constrained()->cascadeOnDelete();
            $table->foreignUuid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 20);
            $table->string('title');
            $table->string('state', 10)->default('waiting');
            $table->bigInteger('done')->default(0);
            $table->bigInteger('total')->default(0);
            $table->text('said')->default('');
            $table->jsonb('asked');
            $table->jsonb('result')->nullable();
            $table->boolean('cancel_asked')->default(false);
            $table->timestampTz('heartbeat_at')->nullable();
            $table->timestampsTz();
        });
        DB::statement("ALTER TABLE runs ADD CONSTRAINT runs_state CHECK (state IN ('waiting', 'running', 'done', 'failed', 'cancelled'))");
        // Long work is one of its kind at a time in a tree.
        DB::statement("CREATE UNIQUE INDEX runs_one_at_a_time ON runs (tree_id, kind) WHERE state IN ('waiting', 'running')");
    }

    public function down(): void
    {
        foreach (['runs', 'uploads', 'journal', 'change_sets', 'members', 'trees'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
