<?php

declare(strict_types=1);

/*
 * How long it takes to number everybody of a line by each system, from the database and in a process that did nothing before, and to
 * number a page of the index:
 *     php bench/numbers.php PEOPLE
 * The line is brought in from bench/line.php where it is not there yet.
 */

use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\SilentProgress;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Numbers\LineNumbers;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\Numbering;
use NorthBough\Core\Kin\Numbering\NumberSystems;

require __DIR__.'/boot.php';

[$people, $system] = [(int) ($argv[1] ?? 2000), $argv[2] ?? ''];
$tree = benchTree("Bench line {$people}");
app(CurrentTree::class)->enter($tree);
if ($system === '') {
    if ($tree->people_count === 0) {
        $file = tempnam(sys_get_temp_dir(), 'line');
        exec(escapeshellarg(PHP_BINARY).' '.escapeshellarg(__DIR__.'/line.php')." {$people} > ".escapeshellarg($file));
        app(CurrentTree::class)->within($tree,
            static fn (): array => app(ImportTree::class)->run($file, 'line.ged', benchUser(), new SilentProgress));
        DB::statement('ANALYZE');
        unlink($file);
    }
    foreach ([...array_keys(NumberSystems::all()), 'page'] as $one) {
        passthru(escapeshellarg(PHP_BINARY).' '.escapeshellarg(__FILE__)." {$people} {$one}");
    }
    exit;
}
$founder = (string) DB::table('people')->where('tree_id', $tree->id)->orderBy('number')->value('id');
$ids = array_values(DB::table('people')->where('tree_id', $tree->id)->orderByDesc('number')->limit(100)->pluck('id')->all());
$started = hrtime(true);
$numbering = new Numbering($system === 'page' ? 'daboville' : $system, $founder, [], new LineChoice);
$lines = app(LineNumbers::class)->lines($numbering->choice);
$numbered = count($system === 'page' ? $numbering->of($ids, app(DatabaseTree::class), $lines)
    : $numbering->everybody(app(DatabaseTree::class), $lines));
told(['what' => 'numbers', 'people' => $people, 'system' => $system, 'numbered' => $numbered,
    'seconds' => round((hrtime(true) - $started) / 1e9, 2), 'memory' => round(memory_get_peak_usage() / 1e6)]);
