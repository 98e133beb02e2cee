<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A kind of event of one's own says what it tells of a life, as those that ship do. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('event_kinds', static fn (Blueprint $table) => $table->jsonb('traits')->default('[]'));
    }

    public function down(): void
    {
        Schema::table('event_kinds', static fn (Blueprint $table) => $table->dropColumn('traits'));
    }
};
