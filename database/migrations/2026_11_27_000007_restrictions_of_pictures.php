<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What whoever made a file asked of a picture: confidential, privacy, locked. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('media', fn (Blueprint $table) => $table->string('restriction', 40)->default(''));
    }

    public function down(): void
    {
        Schema::table('media', fn (Blueprint $table) => $table->dropColumn('restriction'));
    }
};
