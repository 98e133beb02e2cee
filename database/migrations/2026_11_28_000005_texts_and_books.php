<?php

declare(strict_types=1);

use App\Trees\Storage\TreeTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Lives told in prose, and the books that are put together of them, of reports and of drawings. */
return new class extends Migration
{
    private const OF = ['person', 'union', 'place'];

    public function up(): void
    {
        TreeTable::create('texts', function (Blueprint $table): void {
            TreeTable::belongsToOne($table, ['person' => 'people', 'union' => 'unions', 'place' => 'places']);
            $table->text('title');
            $table->jsonb('body');
        });
        TreeTable::onlyOne('texts', self::OF, orNone: true);
        TreeTable::create('books', function (Blueprint $table): void {
            $table->text('title');
            $table->text('subtitle')->default('');
            $table->text('author')->default('');
            $table->jsonb('chapters')->default('[]');
        });
    }

    public function down(): void
    {
        Schema::drop('books');
        Schema::drop('texts');
    }
};
