<?php

declare(strict_types=1);

use App\Trees\Storage\TreeTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('questions', function (Blueprint $table): void {
            // Whom a case is about beside the first: somebody who may be the same person.
            TreeTable::mayBelong($table, 'other_person_id', 'people');
            // The line of a record of which it is asked who it is.
            TreeTable::mayBelong($table, 'roll_line_id', 'roll_lines');
        });
        Schema::table('alternatives', function (Blueprint $table): void {
            TreeTable::mayBelong($table, 'person_id', 'people');
        });
        Schema::table('searches', function (Blueprint $table): void {
            $table->integer('position')->default(0);
            // Whether the whole of a complete series was read: only then is an absence evidence.
            $table->boolean('is_whole')->default(false);
            // Found, nothing, in part, or waiting for an answer.
            $table->string('outcome', 8)->default('nothing');
        });
        DB::statement(
            "ALTER TABLE searches ADD CONSTRAINT searches_outcome_one_of CHECK (outcome IN ('found', 'nothing', 'in part', 'waiting'))");
        Schema::table('searches', fn (Blueprint $table) => $table->dropColumn('in_vain'));
    }

    public function down(): void
    {
        Schema::table('searches', function (Blueprint $table): void {
            $table->dropColumn(['position', 'is_whole', 'outcome']);
            $table->boolean('in_vain')->default(false);
        });
        Schema::table('alternatives', fn (Blueprint $table) => $table->dropColumn('person_id'));
        Schema::table('questions', fn (Blueprint $table) => $table->dropColumn(['other_person_id', 'roll_line_id']));
    }
};
