<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who counts as living is worked out anew: the lines are emptied here, and made again at the next start. */
return new class extends Migration
{
    public function up(): void
    {
        DB::table('person_lines')->truncate();
        Schema::table('person_lines', static fn (Blueprint $table) => $table->integer('born_from')->nullable());
    }

    public function down(): void
    {
        Schema::table('person_lines', static fn (Blueprint $table) => $table->dropColumn('born_from'));
    }
};
