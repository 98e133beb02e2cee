<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A file can be joined to a file, as a place to a place. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('joins', function (Blueprint $table): void {
            $table->uuid('kept_media_id')->nullable();
            $table->index(['tree_id', 'kept_media_id']);
            $table->foreign(['tree_id', 'kept_media_id'])->references(['tree_id', 'id'])->on('media');
        });
    }

    public function down(): void
    {
        Schema::table('joins', function (Blueprint $table): void {
            $table->dropForeign(['tree_id', 'kept_media_id']);
            $table->dropColumn('kept_media_id');
        });
    }
};
