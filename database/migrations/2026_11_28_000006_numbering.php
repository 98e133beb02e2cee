<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** By what a member has everybody of a tree numbered: the system and whom it begins with. The numbers themselves are never stored. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('members', static function (Blueprint $table): void {
            $table->jsonb('numbering')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('members', static function (Blueprint $table): void {
            $table->dropColumn('numbering');
        });
    }
};
