<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Whom this member put at the centre for themselves; without one, the tree's.
        Schema::table('members', fn (Blueprint $table) => $table->uuid('centre_person_id')->nullable());
    }

    public function down(): void
    {
        Schema::table('members', fn (Blueprint $table) => $table->dropColumn('centre_person_id'));
    }
};
