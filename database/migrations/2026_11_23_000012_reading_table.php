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
        Schema::table('records', function (Blueprint $table): void {
            // Code of a kind that ships; a kind of one's own is referred to by its id.
            $table->string('kind', 40)->default('');
        });
        // What is being typed at a record and is not kept yet: never journalled, never exported.
        Schema::create('roll_drafts', function (Blueprint $table): void {
            $table->uuid('tree_id');
            $table->uuid('record_id');
            $table->foreign(['tree_id', 'record_id'])->references(['tree_id', 'id'])->on('records')->cascadeOnDelete();
            $table->primary(['tree_id', 'record_id']);
            $table->foreignUuid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->jsonb('roll');
            $table->integer('of_version');
            $table->integer('seq');
            $table->timestampTz('saved_at');
        });
        Schema::table('records', fn (Blueprint $table) => $table->dropColumn('draft'));
        // What was made of a file for looking at it; derived, by the content.
        Schema::create('previews', function (Blueprint $table): void {
            $table->foreignUuid('tree_id')->constrained()->cascadeOnDelete();
            $table->char('sha256', 64);
            $table->primary(['tree_id', 'sha256']);
            $table->string('state', 10)->default('waiting');
            $table->jsonb('pages')->default('[]');
            $table->text('problem')->default('');
        });
        // A claim that a line makes of a tie has no fact to stand on; what it does is in claim_uses.
        DB::statement('ALTER TABLE claims DROP CONSTRAINT claims_of_one');
        DB::statement('ALTER TABLE claims ADD CONSTRAINT claims_of_one CHECK (num_nonnulls(person_id, name_id, event_id, union_id) = 1
            OR (roll_line_id IS NOT NULL AND num_nonnulls(person_id, name_id, event_id, union_id) = 0))');
    }

    public function down(): void
    {
        throw new RuntimeException('The reading table is not taken out again: restore a backup from before it.');
    }
};
