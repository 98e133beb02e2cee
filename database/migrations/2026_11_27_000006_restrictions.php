<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What whoever made a file asked of people, facts and couples: confidential, privacy, locked. */
return new class extends Migration
{
    private const TABLES = ['people', 'events', 'unions'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->string('restriction', 40)->default(''));
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('restriction'));
        }
    }
};
