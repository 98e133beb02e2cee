<?php

declare(strict_types=1);

/*
 * A third made-up tree of about N people with known doubles, written apart from the other two:
 *     php bench/doubles/marches.php 20000 out.ged out.json [seed]
 * A border country of walled towns. Nine surnames carry most people, and a second given name, a saint's, tells them
 * apart; wives keep the surname they were born with, and are written under either. Few deaths are told, births are told
 * by year and season. Doubles: somebody in the town they were born in, with parents, and again where they settled, with
 * a wife and children; a household copied out of a muster by two hands; a widow under each of two husbands; a stray who
 * is nothing but a name and a year. Slips: the saint's name alone, a name cut short, letters misread (n for u, long s
 * for f), new style for old (eleven days), day and month the wrong way round, a year's last figures turned round, the
 * gate or quarter written for the town, a child's surname taken from its mother.
 */

[$wanted, $out, $truthFile] = [(int) $argv[1], $argv[2], $argv[3]];
$dice = new Random\Randomizer(new Random\Engine\Mt19937((int) ($argv[4] ?? 4096)));

const KINDREDS = ['Vorrin', 'Osk', 'Tamsel', 'Drecht', 'Hallan', 'Marusk', 'Quell', 'Sorbeck', 'Yavin'];
const RARE = ['Abendroth', 'Brindelac', 'Corvash', 'Dunnevel', 'Estermalk', 'Fennegar', 'Glimmerod', 'Hurlebaus', 'Imbricht', 'Jastrow',
    'Kettenmar', 'Lobwasse', 'Munkefall', 'Nettelkamp', 'Oberlund', 'Pruskat', 'Rindevar', 'Schollamund', 'Trevanik', 'Umberling'];
const MEN = ['Jost', 'Matthias', 'Kaspar', 'Balthar', 'Georg', 'Wenzel', 'Adam', 'Tobias', 'Simon', 'Veit', 'Lorenz', 'Gregor', 'Urban',
    'Bastian', 'Ambros', 'Lukas'];
const WOMEN = ['Barbara', 'Rosina', 'Apollonia', 'Dorothea', 'Salome', 'Regina', 'Judita', 'Ottilia', 'Sabina', 'Walpurga', 'Eva',
    'Ludmila',
    'Agata', 'Justina', 'Benigna', 'Kordula'];
const SAINTS = ['Florian', 'Donat', 'Marzell', 'Hubert', 'Kilian', 'Pankraz', 'Quirin', 'Severin', 'Valten', 'Xaver'];
const HOLY = ['Afra', 'Brigida', 'Cilia', 'Emerenz', 'Felizitas', 'Gaudenz', 'Hedwig', 'Notburga', 'Petronella', 'Scholastika'];
const TOWNS = ['Ravensgard' => ['Old Gate', 'Weavers'], 'Tollenbruck' => ['Salt Gate', 'Tanners'], 'Ostrawall' => ['Mill Gate', 'Potters'],
    'Hradomir' => ['Upper Gate', 'Coopers'], 'Seldenmark' => ['Bridge Gate', 'Dyers'], 'Vintenau' => ['Hill Gate', 'Vintners']];
const SHORT = ['Matthias' => 'Mats', 'Kaspar' => 'Kasp', 'Bastian' => 'Basti', 'Barbara' => 'Barb', 'Apollonia' => 'Apol',
    'Dorothea' => 'Doro',
    'Ottilia' => 'Otti', 'Walpurga' => 'Walp', 'Lorenz' => 'Lor', 'Balthar' => 'Balt', 'Ludmila' => 'Ludi'];
const MONTHS = ['JAN', 'FEB', 'MAR', 'APR', 'MAY', 'JUN', 'JUL', 'AUG', 'SEP', 'OCT', 'NOV', 'DEC'];

$one = static fn (array $pool): mixed => $pool[$dice->getInt(0, count($pool) - 1)];
$in = static fn (int $hundred): bool => $dice->getInt(1, 100) <= $hundred;
$date = static fn (int $year): array => ['y' => $year, 'm' => $dice->getInt(1, 12), 'd' => $dice->getInt(1, 27), 'form' => match (true) {
    $dice->getInt(1, 100) <= 55 => 'day', $dice->getInt(1, 100) <= 50 => 'month', default => 'year'
}];

/** @var list<array<string, mixed>> $souls */
$souls = [];
/** @var list<array{he: int, she: int, wed: ?array<string, mixed>, children: list<int>}> $hearths */
$hearths = [];
$soul = static function (bool $man, int $year, string $town, string $kindred, ?int $from) use (&$souls, $one, $in, $date, $dice): int {
    $long = $in(70) ? $dice->getInt(40, 84) : $dice->getInt(0, 12);
    $souls[] = ['man' => $man, 'given' => $one($man ? MEN : WOMEN), 'saint' => $in(62) ? $one($man ? SAINTS : HOLY) : '',
        'kindred' => $kindred, 'town' => $town, 'quarter' => $one(TOWNS[$town]), 'year' => $year, 'long' => $long,
        'born' => $in(88) ? $date($year) : null, 'died' => $in(38) ? $date($year + $long) : null, 'from' => $from, 'at' => [],
        'baptised' => $in(60), 'bare' => false];

    return count($souls) - 1;
};
$kindred = static fn (): string => $in(82) ? $one(KINDREDS) : $one(RARE);
$hearth = static function (int $he, int $she, int $year) use (&$hearths, &$souls, $soul, $dice, $in, $date): void {
    $hearths[] = ['he' => $he, 'she' => $she, 'wed' => $in(50) ? $date($year) : null, 'children' => []];
    $at = count($hearths) - 1;
    $souls[$he]['at'][] = $souls[$she]['at'][] = $at;
    foreach ([$he, $she] as $grown) {
        $lived = max($souls[$grown]['long'], $year + 12 - $souls[$grown]['year']);
        if ($lived !== $souls[$grown]['long']) {
            $souls[$grown]['long'] = $lived;
            $souls[$grown]['died'] = $souls[$grown]['died'] === null ? null : $date($souls[$grown]['year'] + $lived);
        }
    }
    $dead = [];
    for ($year++; $year < $souls[$she]['year'] + 44 && count($hearths[$at]['children']) < 9 && ! $in(9); $year += $dice->getInt(1, 4)) {
        $child = $soul($in(50), $year, $souls[$he]['town'], $souls[$he]['kindred'], $at);
        $again = array_filter($dead, static fn (int $id): bool => $souls[$id]['man'] === $souls[$child]['man']
            && $souls[$id]['year'] + $souls[$id]['long'] < $year);
        if ($again !== [] && $in(60)) {
            $souls[$child]['given'] = $souls[array_values($again)[0]]['given'];
        } elseif ($in(30)) {
            $souls[$child]['given'] = $souls[$souls[$child]['man'] ? $he : $she]['given'];
        }
        $hearths[$at]['children'][] = $dead[] = $child;
        if ($in(2) && count($hearths[$at]['children']) < 9) {
            // Twins: one day, two names.
            $twin = $soul($in(50), $year, $souls[$he]['town'], $souls[$he]['kindred'], $at);
            $souls[$twin]['born'] = $souls[$child]['born'];
            $hearths[$at]['children'][] = $twin;
        }
    }
};
$target = (int) ($wanted * 0.93);
for ($seen = 0; count($souls) < $target; $seen++) {
    if (! isset($souls[$seen])) {
        $soul(true, $dice->getInt(1640, 1700), $one(array_keys(TOWNS)), $kindred(), null);
    }
    $he = $souls[$seen];
    if (! $he['man'] || $he['long'] < 24 || $he['year'] > 1860 || $he['at'] !== []) {
        continue;
    }
    if ($in(25)) {
        [$souls[$seen]['home town'], $souls[$seen]['town']] = [$he['town'], $one(array_keys(TOWNS))];
    }
    $year = $he['year'] + $dice->getInt(22, 33);
    for ($marriage = $in(15) ? 2 : 1; $marriage > 0; $marriage--, $year += 12) {
        $bride = null;
        for ($tries = 0; $tries < 6 && $bride === null; $tries++) {
            $id = $dice->getInt(max(0, $seen - 400), min(count($souls) - 1, $seen + 400));
            $she = $souls[$id];
            if (! $she['man'] && $she['at'] === [] && $she['long'] > 20 && $year - $she['year'] >= 18 && $year - $she['year'] <= 34
                && ($she['from'] === null || $she['from'] !== $he['from'])) {
                $bride = $id;
            }
        }
        $hearth($seen, $bride ?? $soul(false, $year - $dice->getInt(18, 30), $one(array_keys(TOWNS)), $kindred(), null), $year);
    }
}

$misread = static fn (string $word): string => match ($dice->getInt(1, 4)) {
    1 => preg_replace('/(?<=.)n/', 'u', $word, 1), 2 => preg_replace('/(?<=.)s/', 'f', $word, 1), 3 => preg_replace('/ck|k/', 'c', $word,
        1),
    default => substr_replace($word, '', $dice->getInt(1, strlen($word) - 1), 1),
};
/** @var array<int, int> $person the soul that an entry tells of */
$person = [];
$again = static function (int $id) use (&$souls, &$person, $in, $one, $dice, $misread): int {
    $s = $souls[$id];
    [$s['given'], $s['saint']] = match (true) {
        $s['saint'] !== '' && $in(6) => [$s['saint'], ''],
        $s['saint'] !== '' && $in(30) => [$s['given'], ''],
        default => [$s['given'], $s['saint']],
    };
    $s['given'] = $in(14) ? SHORT[$s['given']] ?? $s['given'] : $s['given'];
    $s['given'] = $in(5) ? $misread($s['given']) : $s['given'];
    $s['kindred'] = $in(9) ? $misread($s['kindred']) : $s['kindred'];
    if ($s['born'] !== null) {
        $b = $s['born'];
        $b['form'] = $in(15) ? 'year' : $b['form'];
        $slip = $dice->getInt(1, 100);
        $days = ($b['m'] - 1) * 28 + $b['d'] + 11;
        $s['born'] = match (true) {
            $slip <= 7 => ['y' => $b['y'], 'm' => min(12, intdiv($days, 28) + 1), 'd' => $days % 28 + 1, 'form' => $b['form']],
            $slip <= 11 && $b['d'] <= 12 => ['y' => $b['y'], 'm' => $b['d'], 'd' => $b['m'], 'form' => $b['form']],
            $slip <= 13 => ['y' => (int) (substr((string) $b['y'], 0, 2).strrev(substr((string) $b['y'], 2))), 'm' => $b['m'],
                'd' => $b['d'],
                'form' => $b['form']],
            $slip <= 22 => ['y' => $b['y'] + $one([-2, -1, 1, 2]), 'm' => $b['m'], 'd' => $b['d'], 'form' => 'about'],
            $slip <= 30 => null,
            default => $b,
        };
        if ($s['born'] !== null && abs($s['born']['y'] - $s['year']) > 15) {
            $s['born'] = $b;
        }
    }
    $s['died'] = $in(30) ? null : $s['died'];
    $s['baptised'] = $in(85) ? $s['baptised'] : ! $s['baptised'];
    $s['byQuarter'] = $in(20);
    $souls[] = [...$s, 'from' => null, 'at' => []];
    $person[count($souls) - 1] = $person[$id] ?? $id;

    return count($souls) - 1;
};
$isUsed = [];
while (count($souls) < $wanted) {
    $at = $dice->getInt(0, count($hearths) - 1);
    ['he' => $he, 'she' => $she] = $hearths[$at];
    $household = [$he, $she, ...$hearths[$at]['children']];
    if (array_filter($household, static fn (int $id): bool => isset($isUsed[$id]) || isset($person[$id])) !== []) {
        continue;
    }
    $isUsed += array_fill_keys($household, true);
    switch ($dice->getInt(1, 4)) {
        case 1:
            // The son of a house in one town, the father of another in the next.
            if ($souls[$he]['from'] !== null && $souls[$he]['at'] === [$at]) {
                $new = $again($he);
                $souls[$new]['at'] = [$at];
                $hearths[$at]['he'] = $new;
                $souls[$he]['at'] = [];
                $souls[$he]['town'] = $souls[$he]['home town'] ?? $souls[$he]['town'];
            }
            break;
        case 2:
            $new = [$again($he), $again($she)];
            $hearths[] = ['he' => $new[0], 'she' => $new[1], 'wed' => $in(60) ? $hearths[$at]['wed'] : null, 'children' => []];
            $copy = count($hearths) - 1;
            foreach ($new as $parent) {
                $souls[$parent]['at'][] = $copy;
            }
            foreach ($hearths[$at]['children'] as $child) {
                if ($in(75)) {
                    $id = $again($child);
                    $souls[$id]['from'] = $copy;
                    $souls[$id]['kindred'] = $in(7) ? $souls[$she]['kindred'] : $souls[$new[0]]['kindred'];
                    $hearths[$copy]['children'][] = $id;
                }
            }
            break;
        case 3:
            // The widow of one, the wife of another.
            if (count($souls[$she]['at']) === 1 && $souls[$she]['from'] !== null) {
                $new = $again($she);
                $husband = $soul(true, $souls[$she]['year'] + $dice->getInt(-6, 6), $souls[$she]['town'], $kindred(), null);
                $souls[$new]['kindred'] = $in(50) ? $souls[$husband]['kindred'] : $souls[$new]['kindred'];
                $hearths[] = ['he' => $husband, 'she' => $new, 'wed' => $date($souls[$she]['year'] + 38), 'children' => []];
                $souls[$new]['at'] = $souls[$husband]['at'] = [count($hearths) - 1];
                $souls[$new]['born'] ??= $souls[$she]['born'];
            }
            break;
        default:
            // A stray: a whole name and a year.
            $child = $hearths[$at]['children'][0] ?? null;
            if ($child !== null && $souls[$child]['saint'] !== '' && $souls[$child]['born'] !== null) {
                $new = $again($child);
                [$souls[$new]['given'], $souls[$new]['saint']] = [$souls[$child]['given'], $souls[$child]['saint']];
                $souls[$new]['born'] = $souls[$child]['born'];
            }
    }
}

$told = static fn (array $d): string => match ($d['form']) {
    'day' => "{$d['d']} ".MONTHS[$d['m'] - 1]." {$d['y']}", 'month' => MONTHS[$d['m'] - 1]." {$d['y']}", 'about' => "ABT {$d['y']}",
    default => (string) $d['y'],
};
$text = "0 HEAD\n1 GEDC\n2 VERS 7.0\n";
foreach ($souls as $i => $s) {
    $place = ($s['byQuarter'] ?? false) ? "{$s['quarter']}, {$s['town']}" : $s['town'];
    $text .= '0 @S'.($i + 1)."@ INDI\n1 NAME ".trim("{$s['given']} {$s['saint']}")." /{$s['kindred']}/\n1 SEX ".($s['man'] ? 'M' : 'F')."\n"
        .($s['born'] === null ? '' : '1 '.($s['baptised'] ? 'CHR' : 'BIRT')."\n2 DATE {$told($s['born'])}\n2 PLAC {$place}\n")
        .($s['died'] === null ? '' : "1 DEAT\n2 DATE {$told($s['died'])}\n")
        .($s['from'] === null ? '' : '1 FAMC @F'.($s['from'] + 1)."@\n")
        .implode('', array_map(static fn (int $at): string => '1 FAMS @F'.($at + 1)."@\n", $s['at']));
}
foreach ($hearths as $i => $h) {
    $text .= '0 @F'.($i + 1)."@ FAM\n1 HUSB @S".($h['he'] + 1)."@\n1 WIFE @S".($h['she'] + 1)."@\n"
        .implode('', array_map(static fn (int $child): string => '1 CHIL @S'.($child + 1)."@\n", $h['children']))
        .($h['wed'] === null ? '' : "1 MARR\n2 DATE {$told($h['wed'])}\n");
}
$pairs = [];
foreach ($person as $entry => $of) {
    $pairs[] = ['@S'.($of + 1).'@', '@S'.($entry + 1).'@'];
}
file_put_contents($out, "{$text}0 TRLR\n");
file_put_contents($truthFile, json_encode($pairs));
