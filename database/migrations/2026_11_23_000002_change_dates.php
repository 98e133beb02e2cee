<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const RECORDS = ['people', 'unions', 'sources', 'repositories'];

    public function up(): void
    {
        foreach (self::RECORDS as $table) {
            // When the record or anything beneath it was last changed here; null while it stands as its file had it.
            Schema::table($table, fn (Blueprint $table) => $table->timestampTz('changed_at', 0)->nullable());
        }
    }

    public function down(): void
    {
        foreach (self::RECORDS as $table) {
            Schema::table($table, fn (Blueprint $table) => $table->dropColumn('changed_at'));
        }
    }
};
