<?php

declare(strict_types=1);

/* The figures of one run, a line of JSON each, as docs/bench.md. */

$rows = array_map(static fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
    file($argv[1], FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: []);
echo "# Speed\n\nRatios measured in one run by `bench/run` on trees made by `bench/generate.php`. Absolute figures are those of one "
    ."machine of two\n",
'cores and say little; the ratios are what is held to. Last run: ', date('j F Y'), ".\n\n",
"## Bringing a file in\n\nAgainst COPY of the very same rows into the same tables, keys and indexes live, a tree of the same size there "
    ."already.\n",
"Limit: 4.00 times; memory 64 MB and 400 bytes a record.\n\n",
"| people | seconds | COPY alone | ratio | memory, MB | limit, MB |\n| ---: | ---: | ---: | ---: | ---: | ---: |\n";
foreach ($rows as $row) {
    if ($row['what'] === 'import') {
        echo '| ', number_format($row['people']), " | {$row['seconds']} | {$row['copy']} | {$row['ratio']} | {$row['memory']} | ",
        round(64 + 400 * $row['records'] / 1e6), " |\n";
    }
}
echo "\n## Pages, searches and saves\n\nMilliseconds, one client, interleaved with an empty JSON route through the same middleware "
    ."(session, user, member of\n",
"the tree). Limit: p95 at most 3 times that of the empty route at 200,000 people.\n\n",
"| people | what | times | p50 | p95 | p50 to empty | p95 to empty |\n| ---: | --- | ---: | ---: | ---: | ---: | ---: |\n";
foreach ($rows as $row) {
    if (isset($row['p95 to empty']) && ! isset($row['changes'])) {
        echo '| ', number_format($row['people']),
        " | {$row['what']} | {$row['times']} | {$row['p50']} | {$row['p95']} | {$row['p50 to empty']} | {$row['p95 to empty']} |\n";
    }
}
echo "\n## A tree that was changed often\n\nThe same, in a tree with that many changes in its journal. Limit: the history of a person and "
    ."a restore p95 at most 3 times the empty route.\n\n",
"| people | changes | what | times | p50 | p95 | p50 to empty | p95 to empty |\n| ---: | ---: | --- | ---: | ---: | ---: | ---: | ---: |\n";
foreach ($rows as $row) {
    if (isset($row['changes'])) {
        echo '| ', number_format($row['people']), ' | ', number_format($row['changes']),
        " | {$row['what']} | {$row['times']} | {$row['p50']} | {$row['p95']} | {$row['p50 to empty']} | {$row['p95 to empty']} |\n";
    }
}
echo "\n## Kinship\n\nEverything that one person is to another, from the database, milliseconds a pair.\n\n",
"| people | pairs | p50 | p95 | kin to one another |\n| ---: | ---: | ---: | ---: | ---: |\n";
foreach ($rows as $row) {
    if ($row['what'] === 'kin of a pair') {
        echo '| ', number_format($row['people']), " | {$row['times']} | {$row['p50']} | {$row['p95']} | {$row['related']} |\n";
    }
}
echo "\n## Numbers\n\nEverybody of a line of so many descendants by each system (`php bench/numbers.php PEOPLE`), from the database and "
    ."in a process\nthat did nothing before: seconds. Limit: 5 seconds for 200,000 people. A page is the d’Aboville numbers of a hundred "
    ."people.\n\n",
"| people | system | numbered | seconds | memory, MB |\n| ---: | --- | ---: | ---: | ---: |\n";
foreach ($rows as $row) {
    if ($row['what'] === 'numbers') {
        echo '| ', number_format($row['people']), " | {$row['system']} | ", number_format($row['numbered']),
        " | {$row['seconds']} | {$row['memory']} |\n";
    }
}
echo "\n## Doubles\n\nTrees in which some people stand twice, as is known: how many of the pairs are found at a probability of one "
    ."half, how many of those\nthat are found are right, and seconds from a cold process to stored pairs.\n\n",
"| tree | people | pairs | recall | precision | candidates a person | seconds |\n| --- | ---: | ---: | ---: | ---: | ---: | ---: |\n";
$doubles = array_filter($rows, static fn (array $row): bool => ($row['part'] ?? '') === 'doubles');
foreach ($doubles as $row) {
    echo "| {$row['what']} | ", number_format($row['people']), ' | ', number_format($row['truth']),
    " | {$row['recall']} | {$row['precision']} | {$row['candidates a person']} | {$row['seconds']} |\n";
}
echo "\nOf the pairs in each tenth of probability, the share that is right, of how many:\n\n";
foreach ($doubles as $row) {
    echo "- {$row['what']}, ", number_format($row['people']), ": {$row['calibration']}\n";
}
