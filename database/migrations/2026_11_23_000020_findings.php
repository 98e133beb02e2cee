<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What was found and waits to be taken up: never journalled, always rebuildable. And what a question is about where its
 * aspect alone does not tell.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('findings', function (Blueprint $table): void {
            $table->foreignUuid('tree_id')->constrained()->cascadeOnDelete();
            $table->id();
            $table->string('rule', 60);
            $table->uuid('person_id');
            $table->string('aspect', 40);
            $table->boolean('is_hard');
            $table->double('badness');
            $table->text('ground');
            // What disagrees: events or parents; and a hash of exactly what the rule read.
            $table->jsonb('subjects');
            $table->char('read_hash', 32);
            $table->index(['tree_id', 'person_id']);
        });
        DB::statement('CREATE INDEX findings_worst ON findings (tree_id, is_hard DESC, badness DESC, id)');
        Schema::table('questions', fn (Blueprint $table) => $table->jsonb('about')->default('[]'));
    }

    public function down(): void
    {
        Schema::table('questions', fn (Blueprint $table) => $table->dropColumn('about'));
        Schema::drop('findings');
    }
};
