<?php

declare(strict_types=1);

use App\Trees\Storage\TreeTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Reports that were saved by a name: of what kind, about what, and with which options; each is made anew when it is opened. */
return new class extends Migration
{
    public function up(): void
    {
        TreeTable::create('saved_reports', function (Blueprint $table): void {
            $table->text('name');
            $table->text('kind');
            $table->jsonb('settings')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::drop('saved_reports');
    }
};
