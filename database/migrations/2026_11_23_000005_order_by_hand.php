<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Children stand by birth, the undated where they are, unless somebody put them in an order of their own.
        Schema::table('unions', fn (Blueprint $table) => $table->boolean('order_by_hand')->default(false));
    }

    public function down(): void
    {
        Schema::table('unions', fn (Blueprint $table) => $table->dropColumn('order_by_hand'));
    }
};
