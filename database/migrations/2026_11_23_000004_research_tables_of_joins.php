<?php

declare(strict_types=1);

use App\Trees\Storage\TreeTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was joined, and what stands for it elsewhere. Older databases have these from the migration before. */
return new class extends Migration
{
    public function up(): void
    {
        if (Schema::hasTable('joins')) {
            return;
        }
        TreeTable::create('joins', function (Blueprint $table): void {
            foreach (['person' => 'people', 'place' => 'places', 'source' => 'sources', 'repository' => 'repositories'] as $kind => $to) {
                TreeTable::mayBelong($table, "kept_{$kind}_id", $to);
            }
            $table->uuid('gone_id');
            $table->integer('gone_number')->nullable();
            $table->jsonb('choices')->default('{}');
            $table->jsonb('merged')->default('[]');
            $table->uuid('apart_by')->nullable();
            $table->index(['tree_id', 'gone_id']);
        });
        TreeTable::create('outside_links', function (Blueprint $table): void {
            TreeTable::belongs($table, 'person_id', 'people');
            $table->string('service', 40);
            $table->text('outside_id');
            $table->jsonb('seen')->default('{}');
            $table->unique(['tree_id', 'service', 'outside_id']);
        });

    }

    public function down(): void
    {
        Schema::dropIfExists('outside_links');
        Schema::dropIfExists('joins');
    }
};
