<?php

declare(strict_types=1);

/*
 * Brings a generated file into a new tree, with a tree of the same size there already, and copies the very same rows
 * into the same tables, keys and indexes live, for comparison:
 *     php bench/import.php FILE
 */

use App\Models\Tree;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\SilentProgress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/boot.php';

$file = $argv[1] ?? exit("Say which file.\n");
$people = preg_match('/(\d+)/', basename($file), $m) === 1 ? (int) $m[1] : 0;
$bring = static function (string $name) use ($file): array {
    $tree = benchTree($name);
    $started = microtime(true);
    $report = app(CurrentTree::class)
        ->within($tree, static fn (): array => app(ImportTree::class)->run($file, basename($file), benchUser(), new SilentProgress));

    return [$tree, microtime(true) - $started, $report];
};
// Memory is that of a process of its own, which brings one file in and does nothing else.
if (($argv[2] ?? '') === 'memory') {
    $bring("Bench memory {$people}");
    exit((string) round(memory_get_peak_usage() / 1e6));
}
if (! Tree::query()->where('name', "Bench {$people}")->exists()) {
    $bring("Bench {$people}");
}

// The rows of the tree that is there, under another tree's id, and no longer than it takes to store them.
$source = benchTree("Bench {$people}");
$copy = benchTree("Bench copy {$people}");
$folder = storage_path('app/spool/'.Str::uuid7());
mkdir($folder, 0700, true);
$tables = [...AuthoredTables::names(), 'person_lines'];
$columns = [];
$pdo = DB::connection()->getPdo();
foreach ($tables as $table) {
    $names = array_column(
        DB::select('SELECT column_name FROM information_schema.columns WHERE table_schema = current_schema() AND is_generated = \'NEVER\'
        AND table_name = ? ORDER BY ordinal_position', [$table]), 'column_name');
    $columns[$table] = implode(',', array_map(static fn (string $name): string => "\"{$name}\"", $names));
    DB::statement("CREATE TEMP TABLE moved AS SELECT * FROM {$table} WHERE tree_id = '{$source->id}'");
    DB::update('UPDATE moved SET tree_id = ?', [$copy->id]);
    $pdo->pgsqlCopyToFile('moved', "{$folder}/{$table}", "\t", '\\\\N', $columns[$table]);
    DB::statement('DROP TABLE moved');
}
DB::beginTransaction();
DB::statement('SET LOCAL enable_seqscan = off');
$started = microtime(true);
foreach ($tables as $table) {
    // The first change set of the source is not copied: nothing refers to it by key.
    $pdo->pgsqlCopyFromFile($table, "{$folder}/{$table}", "\t", '\\\\N', $columns[$table]);
}
$copied = microtime(true) - $started;
DB::rollBack();
array_map(unlink(...), glob("{$folder}/*") ?: []);
rmdir($folder);

$records = preg_match_all('/^0 @/m', (string) file_get_contents($file));
[$tree, $seconds] = $bring("Bench again {$people}");
told(['what' => 'import', 'people' => $people, 'seconds' => round($seconds, 1), 'copy' => round($copied, 1),
    'ratio' => round($seconds / $copied, 2),
    'records' => $records, 'memory' => (int) shell_exec(PHP_BINARY.' '.escapeshellarg(__FILE__).' '.escapeshellarg($file).' memory')]);
