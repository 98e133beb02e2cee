<?php

declare(strict_types=1);

use App\Trees\Storage\DateSet;
use App\Trees\Storage\TreeTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What happened around the people of a tree: wars, fires, the coming of a register.
        TreeTable::create('world_events', function (Blueprint $table): void {
            $table->text('words');
            DateSet::on($table);
            $table->text('place_typed')->default('');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('world_events');
    }
};
