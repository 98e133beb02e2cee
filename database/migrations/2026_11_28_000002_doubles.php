<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pairs that may be one person, and how far doubles agree in a tree: never journalled, always to be found again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('double_pairs', function (Blueprint $table): void {
            $table->uuid('tree_id');
            $table->uuid('a_id');
            $table->uuid('b_id');
            $table->double('probability');
            $table->jsonb('working')->default('[]');
            // Entries that hang together by likely pairs, and how many they are.
            $table->uuid('cluster_id');
            $table->smallInteger('cluster_size')->default(2);
            $table->primary(['tree_id', 'a_id', 'b_id']);
            $table->index(['tree_id', 'b_id']);
            $table->index(['tree_id', 'probability', 'a_id', 'b_id']);
            $table->index(['tree_id', 'cluster_id']);
            foreach (['a_id', 'b_id'] as $column) {
                $table->foreign(['tree_id', $column])->references(['tree_id', 'id'])->on('people')->cascadeOnDelete();
            }
        });
        Schema::create('double_models', function (Blueprint $table): void {
            $table->foreignUuid('tree_id')->primary()->constrained()->cascadeOnDelete();
            $table->jsonb('model');
            $table->timestampTz('made_at');
        });
        // One ruling a pair: the same, different, not now.
        DB::statement('CREATE INDEX pair_rulings_subjects ON pair_rulings USING gin (subjects)');
    }

    public function down(): void
    {
        DB::statement('DROP INDEX pair_rulings_subjects');
        Schema::drop('double_models');
        Schema::drop('double_pairs');
    }
};
