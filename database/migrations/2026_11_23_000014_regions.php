<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The page of the file on which a region lies, from 0.
        Schema::table('regions', fn (Blueprint $table) => $table->integer('page')->default(0));
    }

    public function down(): void
    {
        Schema::table('regions', fn (Blueprint $table) => $table->dropColumn('page'));
    }
};
