<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('claims', static fn (Blueprint $table) => $table->text('informant_age')->default(''));
    }

    public function down(): void
    {
        Schema::table('claims', static fn (Blueprint $table) => $table->dropColumn('informant_age'));
    }
};
