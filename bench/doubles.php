<?php

declare(strict_types=1);

/*
 * How well and how fast doubles are found in a tree whose doubles are known:
 *     php bench/doubles.php islands|fjords|marches 20000 [seed]
 * Makes the tree, brings it in, looks for doubles in a cold process, and tells recall and precision at one half, the share of
 * true pairs in each tenth of probability, candidates a person and seconds. The tree is removed at the end.
 */

use App\Models\Tree;

require __DIR__.'/boot.php';

[$kind, $people, $seed] = [$argv[1] ?? 'islands', (int) ($argv[2] ?? 2000), $argv[3] ?? '1807'];
$at = sys_get_temp_dir()."/doubles-{$kind}-{$people}-".getmypid();
$run = static function (string ...$words) use (&$output): int {
    exec(implode(' ', array_map(escapeshellarg(...), [PHP_BINARY, '-d', 'memory_limit=3G', '-d', 'pcov.enabled=0', ...$words])),
        $output, $code);

    return $code;
};
$output = [];
$run(__DIR__."/doubles/{$kind}.php", (string) $people, "{$at}.ged", "{$at}.json", $seed) === 0 || exit("No tree could be made.\n");
$name = "Doubles {$kind} {$people}";
Tree::query()->where('name', $name)->get()->each->forceDelete();
$run(__DIR__.'/../artisan', 'bough:import', "{$at}.ged", "--tree={$name}") === 0 || exit("It could not be brought in.\n");
// What follows from an import is worked out in the queue; the search leans on it.
for ($waited = 0;
    $waited < 1800 && DB::table('people_due')->join('trees', 'trees.id', '=', 'people_due.tree_id')->where('trees.name', $name)
        ->exists(); $waited += 2) {
    sleep(2);
}
$output = [];
$begun = microtime(true);
$run(__DIR__.'/../artisan', 'bough:doubles', $name, '--json') === 0 || exit("No doubles could be looked for.\n");
$seconds = microtime(true) - $begun;
$found = json_decode(implode("\n", $output), true, 512, JSON_THROW_ON_ERROR);
$key = static fn (string $a, string $b): string => min($a, $b).' '.max($a, $b);
$truth = [];
foreach (json_decode((string) file_get_contents("{$at}.json"), true) as [$a, $b]) {
    $truth[$key($a, $b)] = true;
}
[$right, $wrong, $bins] = [0, 0, array_fill(0, 10, [0, 0])];
foreach ($found['pairs'] as $pair) {
    $isTrue = isset($truth[$key($pair['a_ref'], $pair['b_ref'])]);
    $bin = min(9, (int) (10 * $pair['probability']));
    $bins[$bin] = [$bins[$bin][0] + 1, $bins[$bin][1] + (int) $isTrue];
    if ($pair['probability'] >= 0.5) {
        $isTrue ? $right++ : $wrong++;
    }
}
$shares = [];
foreach ($bins as $bin => [$pairs, $true]) {
    $shares[] = sprintf('%.1f: %s of %d', $bin / 10, $pairs === 0 ? '–' : round($true / $pairs, 2), $pairs);
}
told(['part' => 'doubles', 'what' => $kind, 'people' => $people, 'truth' => count($truth),
    'recall' => round($right / max(1, count($truth)), 4),
    'precision' => round($right / max(1, $right + $wrong), 4),
    'candidates a person' => round(2 * $found['candidates'] / $found['people'], 1),
    'seconds' => round($seconds, 1), 'calibration' => implode(', ', $shares)]);
Tree::query()->where('name', $name)->get()->each->forceDelete();
array_map(unlink(...), ["{$at}.ged", "{$at}.json"]);
