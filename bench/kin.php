<?php

declare(strict_types=1);

/*
 * Everything that one person is to another, for pairs drawn at random:
 *     php bench/kin.php PEOPLE
 */

use App\Trees\Loading\KinNeighbourhood;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Kin\Kinship;

require __DIR__.'/boot.php';

$people = (int) ($argv[1] ?? 2000);
$tree = benchTree("Bench {$people}");
app(CurrentTree::class)->enter($tree);
$ids = DB::table('people')->where('tree_id', $tree->id)->orderByDesc('number')->limit(intdiv($people, 2))->inRandomOrder()->limit(200)
    ->pluck('id')->all();
$times = [];
$related = 0;
for ($i = 0; $i + 1 < count($ids); $i += 2) {
    $started = hrtime(true);
    $related += Kinship::between(app(KinNeighbourhood::class)->of([$ids[$i], $ids[$i + 1]]), $ids[$i], $ids[$i + 1]) === [] ? 0 : 1;
    $times[] = (hrtime(true) - $started) / 1e6;
}
told(['what' => 'kin of a pair', 'people' => $people, 'times' => count($times), 'p50' => round(percentile($times, 0.5), 1),
    'p95' => round(percentile($times, 0.95), 1), 'related' => $related]);
