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
        // Code of a kind that ships; a kind of one's own is referred to by its id.
        Schema::table('sources', fn (Blueprint $table) => $table->string('kind', 40)->default(''));
        DB::statement('CREATE INDEX sources_search ON sources USING gin (search gin_trgm_ops)');
    }

    public function down(): void
    {
        Schema::table('sources', function (Blueprint $table): void {
            $table->dropIndex('sources_search');
            $table->dropColumn('kind');
        });
    }
};
