<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Why a claim counts no longer; empty while it does. It stays, so that nobody makes it again.
        Schema::table('claims', fn (Blueprint $table) => $table->text('withdrawn')->default(''));
    }

    public function down(): void
    {
        Schema::table('claims', fn (Blueprint $table) => $table->dropColumn('withdrawn'));
    }
};
