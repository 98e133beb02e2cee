<?php

declare(strict_types=1);

use App\Trees\Storage\TreeTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        TreeTable::create('repositories', function (Blueprint $table): void {
            $table->text('name');
        });
        TreeTable::create('sources', function (Blueprint $table): void {
            TreeTable::mayBelong($table, 'repository_id', 'repositories');
            foreach (['title', 'author', 'publication', 'abbreviation', 'text', 'call_number'] as $part) {
                $table->text($part)->default('');
            }
            $table->text('search')->default('');
        });
        TreeTable::create('records', function (Blueprint $table): void {
            TreeTable::belongs($table, 'source_id', 'sources');
            $table->text('locator')->default('');
        });
        TreeTable::create('claims', function (Blueprint $table): void {
            TreeTable::belongs($table, 'record_id', 'records');
            $table->text('words')->default('');
            $table->string('quality', 20)->default('');
            // From a file, and read by nobody yet.
            $table->boolean('taken_over')->default(false);
            TreeTable::belongsToOne($table, ['person' => 'people', 'name' => 'names', 'event' => 'events', 'union' => 'unions']);
        });
        TreeTable::onlyOne('claims', ['person', 'name', 'event', 'union']);

        TreeTable::create('notes', function (Blueprint $table): void {
            $table->text('text');
            TreeTable::belongsToOne($table, [
                'person' => 'people', 'name' => 'names', 'event' => 'events', 'union' => 'unions', 'source' => 'sources',
                'repository' => 'repositories',
            ]);
        });
        TreeTable::onlyOne('notes', ['person', 'name', 'event', 'union', 'source', 'repository']);

        TreeTable::create('imports', function (Blueprint $table): void {
            $table->text('file_name');
            $table->bigInteger('bytes');
            $table->char('sha256', 64);
            $table->string('standard', 6);
            $table->text('head');
            $table->jsonb('report');
            $table->timestampTz('brought_in_at');
        });
        TreeTable::create('kept', function (Blueprint $table): void {
            TreeTable::belongs($table, 'import_id', 'imports');
            $table->text('pointer')->default('');
            $table->text('path')->default('');
            $table->text('lines');
            TreeTable::belongsToOne($table, [
                'person' => 'people', 'name' => 'names', 'event' => 'events', 'union' => 'unions', 'union_partner' => 'union_partners',
                'parent_set' => 'parent_sets', 'source' => 'sources', 'repository' => 'repositories', 'claim' => 'claims',
                'note' => 'notes',
            ]);
        });
        TreeTable::onlyOne('kept',
            ['person', 'name', 'event', 'union', 'union_partner', 'parent_set', 'source', 'repository', 'claim', 'note'], orNone: true);

        TreeTable::create('file_refs', function (Blueprint $table): void {
            TreeTable::belongs($table, 'import_id', 'imports');
            $table->text('pointer');
            TreeTable::belongsToOne($table,
                ['person' => 'people', 'union' => 'unions', 'source' => 'sources', 'repository' => 'repositories']);
            $table->index(['tree_id', 'pointer']);
        });
        TreeTable::onlyOne('file_refs', ['person', 'union', 'source', 'repository']);
    }

    public function down(): void
    {
        foreach (['file_refs', 'kept', 'imports', 'notes', 'claims', 'records', 'sources', 'repositories'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
