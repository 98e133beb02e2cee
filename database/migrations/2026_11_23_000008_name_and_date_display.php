<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('trees', function (Blueprint $table): void {
            $table->string('surname_custom', 30)->default('father');
            $table->string('married_custom', 10)->default('wife');
        });
        // A family's own custom; empty is that of the tree.
        Schema::table('unions', fn (Blueprint $table) => $table->string('surname_custom', 30)->default(''));
        // How this reader wants names and dates to be shown, in every tree.
        Schema::table('users', fn (Blueprint $table) => $table->jsonb('reading')->nullable());
    }

    public function down(): void
    {
        foreach (['trees' => ['surname_custom', 'married_custom'], 'unions' => ['surname_custom'],
            'users' => ['reading']] as $name => $columns) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn($columns));
        }
    }
};
