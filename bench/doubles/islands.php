<?php

declare(strict_types=1);

/*
 * Writes a tree of about N made-up people of whom some stand in it twice, as GEDCOM 7, and beside it who is whom:
 *     php bench/doubles/islands.php 20000 out.ged out.json [seed]
 * The second file is a list of pairs of pointers. It reads none of core's tables; names, nicknames and slips are its own.
 *
 * Doubles: whole families from a second import, a wife whose own parents hold her a second time, a child entered twice
 * under its parents, a wife entered twice beside her husband, strays. Slips: letters, nicknames, the married name as
 * surname, day and month swapped, years off by one to three, what is missing, places told otherwise.
 * Traps: cousins of one name, a dead child's name given again, twins, father and son.
 */

[$wanted, $out, $truthFile, $seed] = [(int) $argv[1], $argv[2], $argv[3], (int) ($argv[4] ?? 1807)];
mt_srand($seed);

const SURNAMES = [
    'Tarrel', 'Quillan', 'Osk', 'Maddern', 'Fenwhistle', 'Averay', 'Drum', 'Ibsley', 'Corran', 'Penhask', 'Sallow', 'Brack', 'Hethering',
    'Lorne', 'Muddiman', 'Neap', 'Orrin', 'Pellow', 'Quern', 'Rudd', 'Skerry', 'Thole', 'Ullock', 'Varney', 'Wrack', 'Yarrow', 'Ebbs',
    'Garrick', 'Hollin', 'Inskip', 'Jessop', 'Kelding', 'Lusk', 'Marl', 'Norrish', 'Ostler', 'Prowse', 'Rigg', 'Stane', 'Tirrell',
    'Uren', 'Voss', 'Wend', 'Ambry', 'Balsam', 'Cattern', 'Dowse', 'Eskrigg', 'Farrant', 'Gannow', 'Hobley', 'Ivatt', 'Kemble', 'Ludgate',
    'Mossop', 'Nettle', 'Oddie', 'Pinder', 'Rushen', 'Sedge', 'Trewin', 'Unwin', 'Wadge', 'Yeld',
];
const MEN = ['John', 'Ewan', 'Magnus', 'William', 'Thomas', 'Bran', 'Tam', 'Robert', 'Osmund', 'Harald', 'Piers', 'Col', 'Gil', 'Niall',
    'James', 'Ruan', 'Simon', 'Wat', 'Alban', 'Denzil', 'Hugh', 'Christopher', 'George', 'Edmund', 'Samuel', 'Nathaniel', 'Josiah',
    'Laurence', 'Ambrose', 'Silas'];
const WOMEN = ['Mary', 'Isbel', 'Ann', 'Elizabeth', 'Keziah', 'Morwen', 'Elspet', 'Joan', 'Margaret', 'Una', 'Oonagh', 'Ada', 'Catherine',
    'Cora', 'Dorcas', 'Flora', 'Hester', 'Jenifer', 'Lowena', 'Sarah', 'Rhoda', 'Tamsin', 'Susannah', 'Martha', 'Deborah', 'Prudence',
    'Thirza', 'Lettice', 'Honor', 'Grace'];
const PET = ['John' => ['Jack', 'Jno', 'Johnny'], 'William' => ['Will', 'Billy', 'Wm'], 'Thomas' => ['Tom', 'Thos'], 'Robert' => ['Rob',
    'Bob'], 'Christopher' => ['Kit'], 'James' => ['Jas', 'Jamie'], 'Samuel' => ['Sam'], 'Nathaniel' => ['Nat'], 'Edmund' => ['Ned'],
    'Laurence' => ['Larry', 'Lawrence'], 'George' => ['Geo'], 'Mary' => ['Molly', 'Polly'], 'Elizabeth' => ['Betty', 'Eliza', 'Lizzie'],
    'Margaret' => ['Meg', 'Peggy'], 'Catherine' => ['Kate', 'Katherine'], 'Keziah' => ['Hezzy', 'Kizzie'], 'Susannah' => ['Sukey', 'Susan'],
    'Martha' => ['Patty'], 'Deborah' => ['Debby'], 'Ann' => ['Nan', 'Anne'], 'Hester' => ['Esther'], 'Sarah' => ['Sally'],
    'Joan' => ['Jane'],
    'Lettice' => ['Letty'], 'Isbel' => ['Isabel']];
const PLACES = [
    'Kirkhaven, Great Marren, Marren Isles', 'Slatequay, Great Marren, Marren Isles', 'Upper Dorrick, Great Marren, Marren Isles',
    'Tolsay Harbour, Tolsay, Marren Isles', 'Nethery Ness, Tolsay, Marren Isles', 'Hask Light, Hask, Marren Isles',
    'Gannet Stair, Hask, Marren Isles', 'Little Orran, Marren Isles', 'Pellmouth, Westering', 'Port Amberlode, New Ellandry',
    'Cold Quay, Tolsay, Marren Isles', 'Ousel Bank, Great Marren, Marren Isles', 'Thrift Hill, Pellmouth, Westering', 'Saltern, Westering',
];
const MONTHS = ['JAN', 'FEB', 'MAR', 'APR', 'MAY', 'JUN', 'JUL', 'AUG', 'SEP', 'OCT', 'NOV', 'DEC'];

function chance(int $inHundred): bool
{
    return mt_rand(1, 100) <= $inHundred;
}

/** Early names are commoner, as names are. */
function pick(array $pool): string
{
    return $pool[(int) (count($pool) * (mt_rand() / mt_getrandmax()) ** 1.7 * 0.9999)];
}

/** A day as three numbers, of which those not told are 0; `about` for a guess. */
function told(int $year, int $exact): array
{
    $r = mt_rand(1, 100);

    return match (true) {
        $r <= $exact => ['y' => $year, 'm' => mt_rand(1, 12), 'd' => mt_rand(1, 28), 'about' => false],
        $r <= $exact + 5 => ['y' => $year, 'm' => mt_rand(1, 12), 'd' => 0, 'about' => false],
        $r <= $exact + 20 => ['y' => $year, 'm' => 0, 'd' => 0, 'about' => false],
        default => ['y' => $year, 'm' => 0, 'd' => 0, 'about' => true],
    };
}

function written(array $day): string
{
    return trim(($day['about'] ? 'ABT ' : '').($day['d'] > 0 ? "{$day['d']} " : '').($day['m'] > 0 ? MONTHS[$day['m'] - 1].' ' : '')
        .$day['y']);
}

$people = [];
$families = [];
$person = static function (string $sex, int $born, ?int $family, string $surname, string $given) use (&$people): int {
    $lives = chance(18) ? mt_rand(0, 9) : mt_rand(22, 86);
    $second = chance(25) ? ' '.pick($sex === 'M' ? MEN : WOMEN) : '';
    $place = $family === null ? pick(PLACES) : '';
    $people[] = ['sex' => $sex, 'year' => $born, 'until' => $born + $lives, 'given' => $given.$second, 'surname' => $surname,
        'born' => chance(82) ? told($born, 68) : null, 'baptised' => null, 'died' => chance(60) ? told($born + $lives, 62) : null,
        'place' => $place, 'diedAt' => '', 'famc' => $family, 'fams' => [], 'married' => ''];

    return count($people) - 1;
};
$settle = static function (int $id) use (&$people): void {
    if ($people[$id]['born'] === null || (chance(15) && $people[$id]['born']['d'] > 0)) {
        $people[$id]['baptised'] = chance(80) ? told($people[$id]['year'], 90) : null;
    }
    $people[$id]['diedAt'] = $people[$id]['died'] === null ? '' : (chance(70) ? $people[$id]['place'] : pick(PLACES));
};

// Founders wed; their children follow until there are enough.
for ($i = 0; $i < max(24, intdiv($wanted, 40)); $i++) {
    $id = $person($i % 2 === 0 ? 'M' : 'F', mt_rand(1680, 1715), null, pick(SURNAMES), pick($i % 2 === 0 ? MEN : WOMEN));
    $settle($id);
}
$base = (int) ($wanted / 1.08);
for ($at = 0; count($people) < $base; $at++) {
    if (! isset($people[$at])) {
        $settle($person('M', mt_rand(1700, 1880), null, pick(SURNAMES), pick(MEN)));
    }
    if ($people[$at]['fams'] !== [] || $people[$at]['until'] - $people[$at]['year'] < 20 || $people[$at]['year'] > 1930) {
        continue;
    }
    $other = $people[$at]['sex'] === 'M' ? 'F' : 'M';
    $partner = null;
    for ($try = 0; $try < 6 && $partner === null; $try++) {
        $c = mt_rand(max(0, $at - 300), min(count($people) - 1, $at + 300));
        if ($people[$c]['sex'] === $other && $people[$c]['fams'] === [] && abs($people[$c]['year'] - $people[$at]['year']) < 13
            && $people[$c]['until'] - $people[$c]['year'] > 20
            && ($people[$c]['famc'] === null || $people[$c]['famc'] !== $people[$at]['famc'])) {
            $partner = $c;
        }
    }
    if ($partner === null) {
        $partner = $person($other, $people[$at]['year'] + mt_rand(-6, 6), null, pick(SURNAMES), pick($other === 'M' ? MEN : WOMEN));
        $settle($partner);
    }
    for ($u = 0; $u < (chance(9) ? 2 : 1) && count($people) < $base; $u++) {
        if ($u > 0) {
            $partner = $person($other, $people[$at]['year'] + mt_rand(0, 10), null, pick(SURNAMES), pick($other === 'M' ? MEN : WOMEN));
            $settle($partner);
        }
        [$husband, $wife] = $other === 'F' ? [$at, $partner] : [$partner, $at];
        $year = max($people[$husband]['year'], $people[$wife]['year']) + mt_rand(20, 27) + 9 * $u;
        $family = count($families);
        $families[] = ['husb' => $husband, 'wife' => $wife, 'wed' => chance(70) ? told($year, 75) : null,
            'at' => $people[$husband]['place'],
            'children' => []];
        $people[$husband]['fams'][] = $people[$wife]['fams'][] = $family;
        $people[$wife]['married'] = $people[$husband]['surname'];
        $names = [];
        $grand = $people[$husband]['famc'] === null ? '' : strtok($people[$families[$people[$husband]['famc']]['husb']]['given'], ' ');
        $born = $year + 1;
        for ($n = mt_rand(0, 8); $n > 0 && count($people) < $base && $born < $people[$wife]['year'] + 46; $n--) {
            $twins = chance(2) ? 2 : 1;
            for ($t = 0; $t < $twins; $t++) {
                $sex = chance(51) ? 'M' : 'F';
                $given = '';
                // The first son after his father's father, another after his father; a dead child's name again.
                foreach ($sex === 'M' ? [$grand, chance(25) ? strtok($people[$husband]['given'], ' ') : ''] : [''] as $habit) {
                    $given = $given === '' && $habit !== '' && ! isset($names[$habit]) && chance(60) ? $habit : $given;
                }
                foreach ($names as $name => $sibling) {
                    if ($given === '' && $people[$sibling]['sex'] === $sex && $people[$sibling]['until'] < $born && chance(40)) {
                        $given = $name;
                    }
                }
                while ($given === '' || (isset($names[$given]) && $people[$names[$given]]['until'] >= $born)) {
                    $given = pick($sex === 'M' ? MEN : WOMEN);
                }
                $child = $person($sex, $born, $family, $people[$husband]['surname'], $given);
                $people[$child]['place'] = chance(85) ? $people[$husband]['place'] : pick(PLACES);
                if ($t > 0 && $people[$child - 1]['born'] !== null) {
                    $people[$child]['born'] = $people[$child - 1]['born'];
                }
                $settle($child);
                $names[$given] = $child;
                $families[$family]['children'][] = $child;
            }
            $born += mt_rand(1, 3);
        }
    }
}

/** The same letters but for one: dropped, doubled, swapped or another. */
function misspelt(string $word): string
{
    $at = mt_rand(1, max(1, strlen($word) - 2));

    return match (mt_rand(0, 3)) {
        0 => substr($word, 0, $at).substr($word, $at + 1),
        1 => substr($word, 0, $at).$word[$at].substr($word, $at),
        2 => substr($word, 0, $at).($word[$at + 1] ?? '').$word[$at].substr($word, $at + 2),
        default => substr($word, 0, $at).'aeiounrl'[mt_rand(0, 7)].substr($word, $at + 1),
    };
}

function slippedDay(?array $day): ?array
{
    if ($day === null) {
        return null;
    }
    $r = mt_rand(1, 100);

    return match (true) {
        $r <= 8 => null,
        $r <= 20 => ['y' => $day['y'], 'm' => 0, 'd' => 0, 'about' => chance(30)],
        $r <= 28 => [...$day, 'y' => $day['y'] + (chance(50) ? 1 : -1) * mt_rand(1, 3)],
        $r <= 33 && $day['d'] > 0 && $day['d'] < 13 => [...$day, 'm' => $day['d'], 'd' => $day['m']],
        default => $day,
    };
}

function slippedPlace(string $place): string
{
    $parts = explode(', ', $place);

    return match (true) {
        $place === '', chance(12) => '',
        chance(14) => $parts[0],
        chance(8) => implode(', ', array_slice($parts, 1)),
        chance(8) => misspelt($parts[0]).', '.implode(', ', array_slice($parts, 1)),
        default => $place,
    };
}

/** The person once more, as somebody else wrote them down; `ties` are the caller's. */
$copy = static function (int $id, bool $asWife = false) use (&$people): int {
    $p = $people[$id];
    [$first, $second] = [...explode(' ', $p['given']), ''];
    $first = isset(PET[$first]) && chance(12) ? PET[$first][mt_rand(0, count(PET[$first]) - 1)] : (chance(5) ? misspelt($first) : $first);
    $p['given'] = trim($first.($second === '' || chance(35) ? '' : " {$second}"));
    $p['surname'] = match (true) {
        $p['married'] !== '' && chance($asWife ? 40 : 12) => $p['married'],
        chance(7) => misspelt($p['surname']),
        default => $p['surname'],
    };
    $p['born'] = slippedDay($p['born']);
    $p['baptised'] = chance(80) ? $p['baptised'] : null;
    $p['died'] = chance(20) ? null : slippedDay($p['died']);
    $p['place'] = slippedPlace($p['place']);
    $p['diedAt'] = slippedPlace($p['diedAt']);
    $people[] = [...$p, 'famc' => null, 'fams' => []];

    return count($people) - 1;
};
$truth = [];
$again = static function (int $id, bool $asWife = false) use (&$truth, $copy): int {
    $new = $copy($id, $asWife);
    $truth[] = [$id, $new];

    return $new;
};
$isDoubled = [];
$free = static function (int ...$ids) use (&$isDoubled): bool {
    foreach ($ids as $id) {
        if (isset($isDoubled[$id])) {
            return false;
        }
    }
    $isDoubled += array_fill_keys($ids, true);

    return true;
};
$wed = static function (int $husband, int $wife, array $like, array $children) use (&$people, &$families): void {
    $family = count($families);
    $families[] = ['husb' => $husband, 'wife' => $wife, 'wed' => slippedDay($like['wed']), 'at' => slippedPlace($like['at']),
        'children' => $children];
    $people[$husband]['fams'][] = $people[$wife]['fams'][] = $family;
    foreach ($children as $child) {
        $people[$child]['famc'] = $family;
    }
};
[$basePeople, $baseFamilies] = [count($people), count($families)];
// Whole families, some with the parents of the husband.
while (count($people) < $basePeople + 0.6 * ($wanted - $basePeople)) {
    $f = $families[mt_rand(0, $baseFamilies - 1)];
    if (! $free($f['husb'], $f['wife'], ...$f['children'])) {
        continue;
    }
    $husband = $again($f['husb']);
    $wed($husband, $again($f['wife']), $f, array_map(static fn (int $child): int => $again($child), array_filter($f['children'],
        static fn (): bool => chance(88))));
    $above = $people[$f['husb']]['famc'];
    if ($above !== null && chance(30) && $free($families[$above]['husb'], $families[$above]['wife'])) {
        $wed($again($families[$above]['husb']), $again($families[$above]['wife']), $families[$above], [$husband]);
    }
}
// Single people, by how they come to be there twice.
while (count($people) < $wanted) {
    $id = mt_rand(0, $basePeople - 1);
    $p = $people[$id];
    if (isset($isDoubled[$id])) {
        continue;
    }
    $kind = mt_rand(0, 3);
    // Whoever has nothing but a name could not be known again by anybody: these were born on a day that is told.
    $hasDay = $p['born'] !== null && $p['born']['d'] > 0;
    if ($kind === 0 && $p['famc'] !== null && $p['fams'] !== [] && $p['sex'] === 'F' && $hasDay) {
        // Her parents have her, and her husband has her again: her marriages go to the second.
        $free($id);
        $new = $again($id, true);
        $people[$new]['born'] ??= $p['born'];
        foreach ($p['fams'] as $family) {
            $families[$family]['wife'] = $new;
        }
        [$people[$new]['fams'], $people[$id]['fams']] = [$p['fams'], []];
    } elseif ($kind === 1 && $p['famc'] !== null && $hasDay) {
        $free($id);
        $new = $again($id);
        $people[$new]['born'] ??= $p['born'];
        $people[$new]['famc'] = $p['famc'];
        $families[$p['famc']]['children'][] = $new;
    } elseif ($kind === 2 && $p['fams'] !== [] && $p['sex'] === 'F') {
        $free($id);
        $f = $families[$p['fams'][0]];
        $wed($f['husb'], $again($id, true), $f, []);
    } elseif ($kind === 3 && $hasDay && $p['died'] !== null) {
        $free($id);
        $again($id);
    }
}

$lines = ["0 HEAD\n1 GEDC\n2 VERS 7.0\n"];
$event = static fn (string $tag, ?array $day, string $place): string => $day === null && $place === '' ? ''
    : "1 {$tag}\n".($day === null ? '' : '2 DATE '.written($day)."\n").($place === '' ? '' : "2 PLAC {$place}\n");
foreach ($people as $i => $p) {
    $lines[] = '0 @I'.($i + 1)."@ INDI\n1 NAME {$p['given']} /{$p['surname']}/\n1 SEX {$p['sex']}\n"
        .$event('BIRT', $p['born'], $p['baptised'] === null ? $p['place'] : '')
        .$event('CHR', $p['baptised'], $p['baptised'] === null ? '' : $p['place'])
        .$event('DEAT', $p['died'], $p['diedAt'])
        .($p['famc'] === null ? '' : '1 FAMC @F'.($p['famc'] + 1)."@\n")
        .implode('', array_map(static fn (int $f): string => '1 FAMS @F'.($f + 1)."@\n", $p['fams']));
}
foreach ($families as $i => $f) {
    $lines[] = '0 @F'.($i + 1)."@ FAM\n1 HUSB @I".($f['husb'] + 1)."@\n1 WIFE @I".($f['wife'] + 1)."@\n"
        .implode('', array_map(static fn (int $child): string => '1 CHIL @I'.($child + 1)."@\n", $f['children']))
        .$event('MARR', $f['wed'], $f['at']);
}
file_put_contents($out, implode('', $lines)."0 TRLR\n");
file_put_contents($truthFile,
    json_encode(array_map(static fn (array $pair): array => ['@I'.($pair[0] + 1).'@', '@I'.($pair[1] + 1).'@'], $truth)));
