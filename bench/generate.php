<?php

declare(strict_types=1);

/*
 * Writes a tree of N made-up people as a file of version 7, the same for the same seed:
 *     php bench/generate.php 20000 [seed] > file.ged
 * It knows nothing of core's tables: names, nicknames and slips are its own, and its pools do not grow with N, so
 * that the commonest surname stays common. People are born in generations of couples on a few islands, with
 * remarriages, incomers, cousins who marry, children who die young, and sources for some of it.
 */

[$n, $seed] = [(int) ($argv[1] ?? 2000), (int) ($argv[2] ?? 1807)];
mt_srand($seed);

const SURNAMES = [
    'Tarrel', 'Quillan', 'Osk', 'Maddern', 'Fenwhistle', 'Averay', 'Drum', 'Ibsley', 'Corran', 'Penhask', 'Sallow', 'Brack', 'Hethering',
    'Lorne', 'Muddiman', 'Neap', 'Orrin', 'Pellow', 'Quern', 'Rudd', 'Skerry', 'Thole', 'Ullock', 'Varney', 'Wrack', 'Yarrow', 'Ebbs',
    'Garrick',
    'Hollin', 'Inskip', 'Jessop', 'Kelding', 'Lusk', 'Marl', 'Norrish', 'Ostler', 'Prowse', 'Rigg', 'Stane', 'Tirrell', 'Uren',
    'Voss', 'Wend',
];
const MEN = ['Ewan', 'Magnus', 'John', 'Bran', 'Tam', 'Jory', 'Osmund', 'Harald', 'Piers', 'Col', 'Gil', 'Niall', 'Robert', 'Ruan', 'Simon',
    'Wat', 'Alban', 'Denzil', 'Hugh', 'Kit'];
const WOMEN = ['Isbel', 'Keziah', 'Ann', 'Mary', 'Morwen', 'Elspet', 'Joan', 'Una', 'Oonagh', 'Ada', 'Bet', 'Cora', 'Dorcas', 'Flora',
    'Hester', 'Jenifer', 'Lowena', 'Nan', 'Rhoda', 'Tamsin'];
const PLACES = [
    'Kirkhaven, Great Marren, Marren Isles', 'Slatequay, Great Marren, Marren Isles', 'Upper Dorrick, Great Marren, Marren Isles',
    'Tolsay Harbour, Tolsay, Marren Isles',
    'Nethery Ness, Tolsay, Marren Isles', 'Hask Light, Hask, Marren Isles', 'Gannet Stair, Hask, Marren Isles',
    'Little Orran, Marren Isles', 'Pellmouth, Westering', 'Port Amberlode, New Ellandry',
];
const TRADES = ['kelp burner', 'light keeper', 'slater', 'fisherman', 'shipwright', 'net maker', 'schoolmaster', 'farmer', 'servant',
    'mariner'];
const MONTHS = ['JAN', 'FEB', 'MAR', 'APR', 'MAY', 'JUN', 'JUL', 'AUG', 'SEP', 'OCT', 'NOV', 'DEC'];

function pick(array $pool): string
{
    // Early names are commoner, as names are.
    return $pool[(int) (count($pool) * (mt_rand() / mt_getrandmax()) ** 1.6 * 0.9999)];
}

function dated(int $year): string
{
    return match (mt_rand(0, 9)) {
        0 => "ABT {$year}",
        1, 2 => (string) $year,
        3 => MONTHS[mt_rand(0, 11)]." {$year}",
        default => mt_rand(1, 28).' '.MONTHS[mt_rand(0, 11)]." {$year}",
    };
}

$people = [];
$families = [];
$newcomer = static function (string $sex, int $born, ?int $family = null, ?string $surname = null) use (&$people): int {
    $people[] = ['sex' => $sex, 'born' => $born, 'died' => $born + (mt_rand(0, 5) === 0 ? mt_rand(0, 12) : mt_rand(25, 88)),
        'given' => pick($sex === 'M' ? MEN : WOMEN), 'surname' => $surname ?? pick(SURNAMES), 'famc' => $family, 'fams' => [],
        'place' => pick(PLACES)];

    return count($people) - 1;
};

// Founders, then children of couples until there are enough people; the unmarried of a generation are wed first.
$founders = max(20, intdiv($n, 40));
for ($i = 0; $i < $founders; $i++) {
    $newcomer($i % 2 === 0 ? 'M' : 'F', mt_rand(1680, 1710));
}
$next = 0;
while (count($people) < $n) {
    $personNumber = $next++;
    if (! isset($people[$personNumber])) {
        $newcomer('M', mt_rand(1700, 1880));
        $next = $personNumber;

        continue;
    }
    if ($people[$personNumber]['fams'] !== [] || $people[$personNumber]['died'] - $people[$personNumber]['born'] < 20) {
        continue;
    }
    // A partner of the same age from the island, else somebody from elsewhere.
    $partner = null;
    for ($try = 0; $try < 6 && $partner === null; $try++) {
        $candidate = mt_rand(max(0, $personNumber - 400), min(count($people) - 1, $personNumber + 400));
        $c = $people[$candidate];
        if ($c['sex'] !== $people[$personNumber]['sex'] && $c['fams'] === [] && abs($c['born'] - $people[$personNumber]['born']) < 15
            && $c['died'] - $c['born'] > 20
            && ($c['famc'] === null || $c['famc'] !== $people[$personNumber]['famc'])) {
            $partner = $candidate;
        }
    }
    $partner ??= $newcomer($people[$personNumber]['sex'] === 'M' ? 'F' : 'M', $people[$personNumber]['born'] + mt_rand(-6, 6));
    $unions = mt_rand(0, 11) === 0 ? 2 : 1;
    for ($u = 0; $u < $unions && count($people) < $n; $u++) {
        $spouse = $u === 0 ? $partner
            : $newcomer($people[$personNumber]['sex'] === 'M' ? 'F' : 'M', $people[$personNumber]['born'] + mt_rand(0, 12));
        $husband = $people[$personNumber]['sex'] === 'M' ? $personNumber : $spouse;
        $wife = $husband === $personNumber ? $spouse : $personNumber;
        $year = max($people[$husband]['born'], $people[$wife]['born']) + mt_rand(20, 28) + 8 * $u;
        $family = count($families);
        $families[] = ['husb' => $husband, 'wife' => $wife, 'year' => $year, 'children' => [], 'place' => $people[$husband]['place']];
        $people[$husband]['fams'][] = $family;
        $people[$wife]['fams'][] = $family;
        for ($child = mt_rand(0, 7); $child > 0 && count($people) < $n; $child--) {
            $born = $year + 1 + 2 * count($families[$family]['children']) + mt_rand(0, 1);
            if ($born < $people[$wife]['born'] + 46 && $born < 2005) {
                $families[$family]['children'][] = $newcomer(mt_rand(0, 1) === 0 ? 'M' : 'F', $born, $family, $people[$husband]['surname']);
            }
        }
    }
}

$sources = max(10, intdiv($n, 400));
$cite = static fn (int $level): string => mt_rand(0, 2) === 0 ? ''
    : $level.' SOUR @S'.mt_rand(1, $sources)."@\n".($level + 1).' PAGE entry '.mt_rand(1, 400)."\n";
echo "0 HEAD\n1 GEDC\n2 VERS 7.0\n";
foreach ($people as $i => $p) {
    $given = mt_rand(0, 60) === 0 ? substr($p['given'], 0, -1).'e'
        : $p['given'].(mt_rand(0, 3) === 0 ? ' '.pick($p['sex'] === 'M' ? MEN : WOMEN) : '');
    echo '0 @I', $i + 1, "@ INDI\n1 NAME {$given} /{$p['surname']}/\n1 SEX {$p['sex']}\n";
    echo "1 BIRT\n2 DATE ", dated($p['born']), "\n2 PLAC {$p['place']}\n", $cite(2);
    if ($p['died'] < 2020) {
        echo "1 DEAT\n2 DATE ", dated($p['died']), "\n2 PLAC ", mt_rand(0, 4) === 0 ? pick(PLACES) : $p['place'], "\n", $cite(2);
    }
    if (mt_rand(0, 3) === 0) {
        echo '1 OCCU ', pick(TRADES), "\n2 DATE ", $p['born'] + mt_rand(18, 50), "\n", $cite(2);
    }
    echo $p['famc'] === null ? '' : '1 FAMC @F'.($p['famc'] + 1)."@\n";
    foreach ($p['fams'] as $family) {
        echo '1 FAMS @F', $family + 1, "@\n";
    }
}
foreach ($families as $i => $f) {
    echo '0 @F', $i + 1, "@ FAM\n1 HUSB @I", $f['husb'] + 1, "@\n1 WIFE @I", $f['wife'] + 1, "@\n";
    foreach ($f['children'] as $child) {
        echo '1 CHIL @I', $child + 1, "@\n";
    }
    echo "1 MARR\n2 DATE ", dated($f['year']), "\n2 PLAC {$f['place']}\n", $cite(2);
}
for ($s = 1; $s <= $sources; $s++) {
    echo "0 @S{$s}@ SOUR\n1 TITL Register {$s} of ", pick(PLACES), "\n1 AUTH Parish clerk\n";
}
echo "0 TRLR\n";
