<?php

declare(strict_types=1);

/*
 * A second made-up tree of about N people with known doubles, written apart from the first: nobody has a family name.
 *     php bench/doubles/fjords.php 20000 out.ged out.json [seed]
 * Children are called after their father and, later, after the farm; few given names go round; births are told by
 * christenings, lives by ages at burial; families are large, widowers marry again, servants move from farm to farm.
 * Doubles: the same farm's people from two transcripts of one register (some children only in one), a bride with her
 * parents and a wife with her husband, grandparents brought along once more, one person three times. Slips: -son, -sen
 * and -s, daughters written as sons, old and new spelling, a farm for a patronymic, ages rounded to fives, a
 * christening taken for the birth, month without day, the parish instead of the farm.
 */

[$wanted, $out, $truthFile] = [(int) $argv[1], $argv[2], $argv[3]];
$dice = new Random\Randomizer(new Random\Engine\Mt19937((int) ($argv[4] ?? 1733)));

// Spellings of one name stand together.
const HE = [['Olav', 'Oluf', 'Ole'], ['Lars', 'Laurits', 'Lauritz'], ['Nils', 'Niels'], ['Per', 'Peder', 'Peter'], ['Anders', 'Andreas'],
    ['Jon', 'Johan', 'Joen'], ['Erik', 'Erich'], ['Knut', 'Knud'], ['Tor', 'Thor'], ['Hans', 'Hanns'], ['Sivert', 'Siver'],
    ['Ketil', 'Kjetil'],
    ['Gunnar', 'Gunder'], ['Halvor', 'Halvard'], ['Mons', 'Mogens'], ['Rasmus', 'Erasmus'], ['Arne', 'Arent'], ['Tollef', 'Tolleiv'],
    ['Bard', 'Baard'], ['Iver', 'Ivar'], ['Steinar', 'Stener'], ['Jens', 'Jenns']];
const SHE = [['Anne', 'Anna', 'Ane'], ['Marit', 'Marte', 'Margrete'], ['Kari', 'Karen', 'Cathrine'], ['Ingeborg', 'Ingebor'], ['Ragnhild',
    'Ragnild'], ['Guri', 'Guro'], ['Berit', 'Brita', 'Birgitte'], ['Sigrid', 'Siri'], ['Torborg', 'Thorborg'], ['Marta', 'Martha'],
    ['Gjertrud', 'Gertrud'], ['Synneva', 'Synnove'], ['Kristi', 'Christi', 'Kristine'], ['Olaug', 'Olava'], ['Dordi', 'Dorthe'], ['Helga',
        'Helge'], ['Randi', 'Ragndi'], ['Elin', 'Ellen'], ['Maren', 'Mari'], ['Aslaug', 'Asloug']];
const FARMS = ['Tverrmyr', 'Hestlid', 'Graaskar', 'Oskjevoll', 'Brattnesset', 'Ytrevoe', 'Kvernhaug', 'Sildestrand', 'Rognedal', 'Ulvmarr',
    'Nedrelund', 'Tangsvik', 'Hollaberg', 'Steinsaeter', 'Langmoe', 'Kraakeng', 'Fureholt', 'Selbukt', 'Myrdokk', 'Aaresund', 'Vassbotten',
    'Gjeitlia', 'Orrevann', 'Skarpnes'];
const PARISHES = ['Tjerrin parish', 'Havmark parish', 'Ostervoe parish'];
const MONTHS = ['JAN', 'FEB', 'MAR', 'APR', 'MAY', 'JUN', 'JUL', 'AUG', 'SEP', 'OCT', 'NOV', 'DEC'];

$one = static fn (array $pool): mixed => $pool[$dice->getInt(0, count($pool) - 1)];
$often = static fn (array $pool): mixed => $pool[min($dice->getInt(0, count($pool) - 1), $dice->getInt(0, count($pool) - 1))];
$in = static fn (int $hundred): bool => $dice->getInt(1, 100) <= $hundred;
$day = static fn (int $year): array => [$year, $dice->getInt(1, 12), $dice->getInt(1, 28)];

/** @var array<int, array> $folk */
$folk = [];
$homes = [];
$born = static function (bool $isMan, int $year, string $farm, ?int $home, string $father, string $given = '') use (&$folk, $often, $in,
    $day, $dice): int {
    $given = $given === '' ? $often($isMan ? HE : SHE)[0] : $given;
    $age = $in(25) ? $dice->getInt(0, 5) : $dice->getInt(18, 90);
    $folk[] = ['man' => $isMan, 'given' => $given, 'father' => $father, 'farm' => $farm, 'year' => $year, 'age' => $age,
        'christened' => $in(80) ? $day($year) : null, 'birth' => null, 'buried' => $in(65) ? $day($year + $age) : null,
        'home' => $home, 'own' => [], 'byFarm' => false, 'ending' => $isMan ? 'sen' : 'sdatter'];

    return count($folk) - 1;
};
$couple = static function (int $he, int $she, int $year) use (&$folk, &$homes, $in, $day): int {
    $homes[] = ['he' => $he, 'she' => $she, 'year' => $year, 'wed' => $in(60) ? $day($year) : null, 'young' => []];
    $folk[$he]['own'][] = $folk[$she]['own'][] = count($homes) - 1;

    return count($homes) - 1;
};
$children = static function (int $home, int $most) use (&$folk, &$homes, $born, $dice, $in, $often): void {
    ['he' => $he, 'she' => $she, 'year' => $year] = $homes[$home];
    $alive = [];
    for ($n = 0; $n < $most && $year < $folk[$she]['year'] + 45; $n++, $year += $dice->getInt(1, 3)) {
        $isMan = $in(51);
        $given = '';
        // Named after the grandparents, living or dead; and a dead child's name must not be lost.
        foreach ($alive as $name => [$wasMan, $until]) {
            $given = $given === '' && $wasMan === $isMan && $until < $year && $in(70) ? $name : $given;
        }
        $ancestor = $folk[$isMan ? $he : $she]['home'];
        if ($given === '' && $ancestor !== null && $in(45)) {
            $given = $folk[$homes[$ancestor][$isMan ? 'he' : 'she']]['given'];
        }
        // Two living children of one name do occur, and seldom.
        while ($given === '' || (isset($alive[$given]) && $alive[$given][1] >= $year && ! $in(4))) {
            $given = $often($isMan ? HE : SHE)[0];
        }
        $child = $born($isMan, $year, $folk[$he]['farm'], $home, $folk[$he]['given'], $given);
        $alive[$folk[$child]['given']] = [$isMan, $year + $folk[$child]['age']];
        $homes[$home]['young'][] = $child;
    }
};
$grows = static function (int $id, int $age) use (&$folk): void {
    if ($folk[$id]['age'] < $age) {
        $folk[$id]['age'] = $age;
        $folk[$id]['buried'] = $folk[$id]['buried'] === null ? null
            : [$folk[$id]['year'] + $age, $folk[$id]['buried'][1], $folk[$id]['buried'][2]];
    }
};
$target = (int) ($wanted * 0.92);
for ($g = 0; $g < max(30, intdiv($wanted, 60)); $g++) {
    $farm = $one(FARMS);
    $year = $dice->getInt(1660, 1720);
    $he = $born(true, $year, $farm, null, $often(HE)[0]);
    $she = $born(false, $year + $dice->getInt(-4, 8), $one(FARMS), null, $often(HE)[0]);
    $grows($he, 48);
    $grows($she, 48);
    $children($couple($he, $she, $year + $dice->getInt(22, 32)), $dice->getInt(3, 11));
}
for ($at = 0; count($folk) < $target; $at++) {
    if (! isset($folk[$at])) {
        $born(true, $dice->getInt(1700, 1850), $one(FARMS), null, $often(HE)[0]);
    }
    $p = $folk[$at];
    if (! $p['man'] || $p['age'] < 26 || $p['year'] > 1880 || $p['own'] !== []) {
        continue;
    }
    if ($in(35)) {
        $folk[$at]['farm'] = $one(FARMS);
    }
    $grows($at, 50);
    $rounds = $in(20) ? 2 : 1;
    for ($round = 0; $round < $rounds; $round++) {
        $she = null;
        for ($try = 0; $try < 8 && $she === null; $try++) {
            $c = $dice->getInt(max(0, $at - 500), min(count($folk) - 1, $at + 500));
            if (! $folk[$c]['man'] && $folk[$c]['own'] === [] && $folk[$c]['age'] > 24
                && abs($folk[$c]['year'] - $p['year'] - 8 * $round) < 11
                && ($folk[$c]['home'] === null || $folk[$c]['home'] !== $p['home'])) {
                $she = $c;
            }
        }
        $she ??= $born(false, $p['year'] + $dice->getInt(-3, 9) + 8 * $round, $one(FARMS), null, $often(HE)[0]);
        $grows($she, 46);
        $children($couple($at, $she, max($p['year'], $folk[$she]['year']) + $dice->getInt(21, 29) + 9 * $round), $dice->getInt(0, 10));
    }
}

/** Somebody again, out of another transcript. */
$again = static function (int $id) use (&$folk, $in, $dice, $one): int {
    $p = $folk[$id];
    foreach ([...HE, ...SHE] as $forms) {
        foreach (['given', 'father'] as $part) {
            $p[$part] = $p[$part] === $forms[0] && $in($part === 'given' ? 22 : 12) ? $one($forms) : $p[$part];
        }
    }
    $p['given'] = $in(4) ? preg_replace('/(.)\1|r(?=[dt])/', '$1', $p['given']).($in(30) ? 'e' : '') : $p['given'];
    $p['ending'] = match (true) {
        $in(15) => $p['man'] ? 'son' : 'sdotter',
        $in(6) => $p['man'] ? 's' : 'sen',
        default => $p['ending'],
    };
    $p['byFarm'] = $in(10);
    if ($p['christened'] !== null) {
        $r = $dice->getInt(1, 100);
        [$p['christened'], $p['birth']] = match (true) {
            $r <= 10 => [null, $p['christened']],
            $r <= 20 => [[$p['christened'][0], $p['christened'][1], 0], null],
            $r <= 28 => [[$p['christened'][0] + ($in(50) ? 1 : -1), $p['christened'][1], $p['christened'][2]], null],
            $r <= 36 => [null, [5 * (int) round($p['christened'][0] / 5), 0, 0]],
            $r <= 42 => [null, null],
            default => [$p['christened'], null],
        };
    }
    $p['buried'] = $in(25) ? null : $p['buried'];
    $p['farm'] = match (true) {
        $in(12) => $one([PARISHES[0], PARISHES[strlen($p['farm']) % 3]]),
        $in(8) => strtr($p['farm'], ['aa' => 'a', 'oe' => 'o', 'v' => 'w', 'kv' => 'qv']),
        default => $p['farm'],
    };
    $folk[] = [...$p, 'home' => null, 'own' => []];

    return count($folk) - 1;
};
$truth = [];
$twice = [];
$copyHome = static function (int $at, array $known) use (&$homes, &$folk, &$truth, &$twice, $again, $in): array {
    $home = $homes[$at];
    $take = static function (int $id) use (&$truth, &$twice, $again, $known): int {
        $new = $known[$id] ?? $again($id);
        $truth["{$id} {$new}"] = [$id, $new];
        $twice[$id] = true;

        return $new;
    };
    [$he, $she] = [$take($home['he']), $take($home['she'])];
    $homes[] = ['he' => $he, 'she' => $she, 'year' => $home['year'], 'wed' => $in(70) ? $home['wed'] : null, 'young' => []];
    $new = count($homes) - 1;
    $folk[$he]['own'][] = $folk[$she]['own'][] = $new;
    foreach ($home['young'] as $child) {
        if ($in(80)) {
            $copy = $take($child);
            $folk[$copy]['home'] = $new;
            $homes[$new]['young'][] = $copy;
        }
    }

    return [$home['he'] => $he, $home['she'] => $she];
};
$firstHomes = count($homes);
while (count($folk) < $wanted) {
    $at = $dice->getInt(0, $firstHomes - 1);
    $home = $homes[$at];
    $all = [$home['he'], $home['she'], ...$home['young']];
    if (array_filter($all, static fn (int $id): bool => isset($twice[$id])) !== []) {
        continue;
    }
    if ($in(25) && $folk[$home['she']]['home'] !== null && $folk[$home['she']]['christened'] !== null
        && count($folk[$home['she']]['own']) === 1) {
        // The bride stays with her parents; the wife is another.
        $new = $again($home['she']);
        $folk[$new]['christened'] ??= $folk[$new]['birth'] === null ? $folk[$home['she']]['christened'] : null;
        $truth["{$home['she']} {$new}"] = [$home['she'], $new];
        $twice[$home['she']] = true;
        $homes[$at]['she'] = $new;
        $folk[$new]['own'] = [$at];
        $folk[$home['she']]['own'] = [];
    } else {
        $known = $copyHome($at, []);
        $above = $folk[$home['he']]['home'];
        if ($above !== null && $in(40) && ! isset($twice[$homes[$above]['he']]) && ! isset($twice[$homes[$above]['she']])) {
            $homes[$above]['young'] = array_values(array_filter($homes[$above]['young'], static fn (int $c): bool => ! isset($twice[$c])
                || $c === $home['he']));
            $copyHome($above, $known);
        }
    }
}

$date = static fn (array $d): string => trim(($d[2] > 0 ? "{$d[2]} " : '').($d[1] > 0 ? MONTHS[$d[1] - 1].' ' : 'ABT ').$d[0]);
$text = "0 HEAD\n1 GEDC\n2 VERS 7.0\n";
foreach ($folk as $i => $p) {
    $surname = $p['byFarm'] ? $p['farm'] : preg_replace('/s(s)/', '$1', $p['father'].$p['ending']);
    $text .= '0 @P'.($i + 1)."@ INDI\n1 NAME {$p['given']} /{$surname}/\n1 SEX ".($p['man'] ? 'M' : 'F')."\n";
    $place = "2 PLAC {$p['farm']}\n";
    $text .= $p['birth'] === null ? '' : "1 BIRT\n2 DATE {$date($p['birth'])}\n{$place}";
    $text .= $p['christened'] === null ? '' : "1 CHR\n2 DATE {$date($p['christened'])}\n{$place}";
    $text .= $p['buried'] === null ? '' : "1 BURI\n2 DATE {$date($p['buried'])}\n";
    $text .= $p['home'] === null ? '' : '1 FAMC @H'.($p['home'] + 1)."@\n";
    foreach (array_unique($p['own']) as $home) {
        $text .= '1 FAMS @H'.($home + 1)."@\n";
    }
}
foreach ($homes as $i => $home) {
    $text .= '0 @H'.($i + 1)."@ FAM\n1 HUSB @P".($home['he'] + 1)."@\n1 WIFE @P".($home['she'] + 1)."@\n"
        .implode('', array_map(static fn (int $child): string => '1 CHIL @P'.($child + 1)."@\n", $home['young']))
        .($home['wed'] === null ? '' : "1 MARR\n2 DATE {$date($home['wed'])}\n");
}
// Whoever was copied from a copy is the same person, too.
$root = [];
$find = static function (int $id) use (&$root): int {
    while (isset($root[$id])) {
        $id = $root[$id];
    }

    return $id;
};
foreach ($truth as [$original, $copy]) {
    [$a, $b] = [$find($original), $find($copy)];
    $a === $b || $root[max($a, $b)] = min($a, $b);
}
$entries = [];
foreach (array_unique(array_merge(...array_values($truth))) as $id) {
    $entries[$find($id)][] = '@P'.($id + 1).'@';
}
$pairs = [];
foreach ($entries as $same) {
    foreach ($same as $at => $ref) {
        array_push($pairs, ...array_map(static fn (string $other): array => [$ref, $other], array_slice($same, $at + 1)));
    }
}
file_put_contents($out, "{$text}0 TRLR\n");
file_put_contents($truthFile, json_encode($pairs));
