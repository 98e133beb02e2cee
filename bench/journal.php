<?php

declare(strict_types=1);

/*
 * The history of a person, a restore and the journal itself, in a tree that was changed often, against an empty JSON
 * route, interleaved, one client:
 *     php bench/journal.php PEOPLE [CHANGES]
 * The changes are of dates and places of facts; every fiftieth person has most of theirs.
 */

use Illuminate\Support\Facades\DB;

require __DIR__.'/boot.php';
require __DIR__.'/client.php';

[$people, $changes] = [(int) ($argv[1] ?? 2000), (int) ($argv[2] ?? 100_000)];
$tree = benchTree("Bench {$people}");
$user = benchUser();

$there = (int) $tree->refresh()->last_change;
if ($there < $changes) {
    DB::transaction(static function () use ($tree, $user, $there, $changes): void {
        // Each change writes one fact, so that what it replaced is what the change before it left.
        DB::statement(
            'CREATE TEMP TABLE facts AS SELECT id, (row_number() OVER (ORDER BY hashtext(id::text)))::int - 1 AS at, to_jsonb(events) AS row
                FROM events WHERE tree_id = ? AND person_id IS NOT NULL', [$tree->id]);
        DB::statement('CREATE UNIQUE INDEX ON facts (at)');
        DB::statement('ANALYZE facts');
        $many = DB::table('facts')->count();
        DB::statement(
            'CREATE TEMP TABLE made AS SELECT n, gen_random_uuid() AS change_set_id, facts.id AS row_id, facts.row
                FROM generate_series(?::int, ?::int) AS n
            JOIN facts ON facts.at = CASE WHEN n % 3 = 0 THEN (n / 3 % ?::int) * 50 ELSE n * 7 % ?::int END',
            [$there + 1, $changes, max(1, intdiv($many, 50)), $many]);
        DB::statement("INSERT INTO change_sets (tree_id, id, seq, user_id, how, kind, summary, why, made_at)
            SELECT ?, change_set_id, n, ?, 'hand', 'do', 'Changed a fact: ' || (row->>'kind'), CASE
            WHEN n % 4 = 0 THEN 'The register was read anew.' ELSE '' END, now() - (? - n) * interval '5 minutes' FROM made",
            [$tree->id, $user->id, $changes]);
        DB::statement("INSERT INTO journal (tree_id, id, change_set_id, seq, table_name, row_id, op, before)
            SELECT ?, gen_random_uuid(), change_set_id, 0, 'events', row_id, 'update', CASE WHEN n % 2 = 0
                THEN jsonb_build_object('date_typed', (1700 + n % 200)::text, 'date_shown', (1700 + n % 200)::text, 'date_begin_lo',
                row->'date_begin_lo', 'date_begin_hi', row->'date_begin_hi')
                ELSE jsonb_build_object('place_typed', 'Croft ' || n, 'place_id', NULL) END FROM made", [$tree->id]);
        DB::table('trees')->where('id', $tree->id)->update(['last_change' => $changes]);
    });
    DB::statement('ANALYZE change_sets');
    DB::statement('ANALYZE journal');
}

$ask = benchClient();
$base = "/trees/{$tree->id}";
mt_srand(1807);
$random = DB::table('people')->where('tree_id', $tree->id)->inRandomOrder()->limit(500)->pluck('id')->all();
$busiest = array_column(
    DB::select('SELECT events.person_id AS id FROM journal JOIN events ON events.tree_id = journal.tree_id AND events.id = journal.row_id
    WHERE journal.tree_id = ? AND events.person_id IS NOT NULL GROUP BY events.person_id ORDER BY count(*) DESC LIMIT 50',
        [$tree->id]), 'id');
$times = ['empty' => [], 'page' => [], 'history' => [], 'restore a value' => [], 'undo a change' => [], 'journal' => [],
    'journal of a person' => [], 'journal of places' => [], 'a change' => [], 'what was deleted' => []];
foreach ([...$random, ...$busiest] as $i => $id) {
    $times['empty'][] = $ask('GET', "{$base}/now")[0];
    $times['page'][] = $ask('GET', "{$base}/people/{$id}")[0];
    [$took, $body] = $ask('GET', "{$base}/people/{$id}/history");
    $times['history'][] = $took;
    $entry = array_values(
        array_filter(json_decode($body, true)['entries'],
            static fn (array $entry): bool => $entry['op'] === 'update' && $entry['values'] !== []))[0] ?? null;
    if ($entry !== null && $i % 3 === 0) {
        $times['restore a value'][] = $ask('POST', "{$base}/changed-values/{$entry['id']}/put-back",
            ['field' => $entry['values'][0]['field'], 'version' => $entry['version']])[0];
        $times['undo a change'][] = $ask('POST', "{$base}/journal/undo", ['steps' => 1])[0];
    }
    if ($i % 5 === 0) {
        [$took, $body] = $ask('GET', "{$base}/journal?before=".mt_rand(100, $changes));
        $times['journal'][] = $took;
        $times['journal of a person'][] = $ask('GET', "{$base}/journal?person={$id}")[0];
        $times['journal of places'][] = $ask('GET', "{$base}/journal?field=places&before=".mt_rand(1000, $changes))[0];
        $times['a change'][] = $ask('GET', "{$base}/journal/".json_decode($body, true)['changes'][0]['id'])[0];
        $times['what was deleted'][] = $ask('GET', "{$base}/deleted")[0];
    }
}
tellTimes($people, $times, ['changes' => $changes]);
