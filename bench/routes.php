<?php

declare(strict_types=1);

/*
 * A person's page, searches and a save at a size, against an empty JSON route through the same middleware (session,
 * user, member of the tree), interleaved, one client:
 *     php bench/routes.php PEOPLE
 */

use App\Models\Source;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

require __DIR__.'/boot.php';
require __DIR__.'/client.php';

$people = (int) ($argv[1] ?? 2000);
$tree = benchTree("Bench {$people}");
app(CurrentTree::class)->enter($tree);
mt_srand(1807);

$ask = benchClient();
$base = "/trees/{$tree->id}";
$random = DB::table('people')->where('tree_id', $tree->id)->inRandomOrder()->limit(500)->pluck('id')->all();
$busiest = array_column(DB::select(
    'SELECT p.id FROM people p JOIN (SELECT person_id, count(*) AS facts FROM events WHERE tree_id = ? AND person_id IS NOT NULL
        GROUP BY person_id) e ON e.person_id = p.id
     LEFT JOIN (SELECT u.person_id, count(*) AS children FROM union_partners u JOIN parent_sets s ON s.tree_id = u.tree_id
     AND s.union_id = u.union_id WHERE u.tree_id = ? GROUP BY u.person_id) k ON k.person_id = p.id
     WHERE p.tree_id = ? ORDER BY e.facts + coalesce(k.children, 0) DESC LIMIT 50', [$tree->id, $tree->id, $tree->id]), 'id');
$centre = $random[0];
$ask('PATCH', $base, ['centrePersonId' => $centre]);
$source = Source::query()->firstOrFail()->id;
$searches = ['prefix' => 'tarr', 'two words' => 'isbel quil', 'misspelt' => 'quilan', 'by sound' => 'kwillan', 'number' => '1234',
    'commonest surname' => 'tarrel'];

$times = ['empty' => [], 'page' => [], 'index' => [], 'save' => []];
foreach ($searches as $name => $typed) {
    $times["search, {$name}"] = [];
}
$names = array_keys($searches);
foreach ([...$random, ...$busiest] as $i => $id) {
    $times['empty'][] = $ask('GET', "{$base}/now")[0];
    $times['page'][] = $ask('GET', "{$base}/people/{$id}")[0];
    $name = $names[$i % count($names)];
    $times["search, {$name}"][] = $ask('GET', "{$base}/jump?q=".urlencode($searches[$name]))[0];
    if ($i % 5 === 0) {
        $times['index'][] = $ask('GET', "{$base}/people?sort=".['name', 'birth', 'number'][$i % 3])[0];
    }
    if ($i % 5 === 1) {
        [$took, $page] = $ask('POST', "{$base}/people/{$id}/facts",
            ['kind' => 'birth', 'date' => mt_rand(1, 28).' May 1850', 'place' => 'Kirkhaven, Great Marren, Marren Isles',
                'sourceId' => $source, 'locator' => "entry {$i}", 'words' => 'born this day']);
        $times['save'][] = $took;
    }
}
tellTimes($people, $times);
