<?php

declare(strict_types=1);

/*
 * Writes N made-up people of whom all descend from the first, as a file of version 7, the same for the same seed:
 *     php bench/line.php 20000 [seed] > file.ged
 * Children follow in generations of about thirty years. Some have two families, some children are not dated, and some are
 * dated by a christening alone.
 */

[$n, $seed] = [(int) ($argv[1] ?? 2000), (int) ($argv[2] ?? 1807)];
mt_srand($seed);
$people = [['born' => 1500, 'famc' => null, 'fams' => []]];
$families = [];
for ($parent = 0; count($people) < $n; $parent++) {
    foreach (range(1, mt_rand(0, 9) === 0 ? 2 : 1) as $family) {
        $families[] = ['parent' => $parent, 'children' => []];
        $familyNumber = count($families) - 1;
        $people[$parent]['fams'][] = $familyNumber;
        foreach (range(1, mt_rand(2, 4)) as $place) {
            if (count($people) < $n) {
                $people[] = ['born' => $people[$parent]['born'] + 22 + 9 * ($family - 1) + 2 * $place, 'famc' => $familyNumber,
                    'fams' => []];
                $families[$familyNumber]['children'][] = count($people) - 1;
            }
        }
    }
}
echo "0 HEAD\n1 GEDC\n2 VERS 7.0\n";
foreach ($people as $at => $person) {
    echo "0 @I{$at}@ INDI\n1 NAME Magnus /Tarrel/\n1 SEX ", $at % 2 === 0 ? 'M' : 'F', "\n";
    $word = match (mt_rand(0, 19)) {
        0 => '',
        1, 2 => 'CHR',
        default => 'BIRT',
    };
    echo $word === '' ? '' : "1 {$word}\n2 DATE ".mt_rand(1, 28)." JUN {$person['born']}\n2 PLAC Kirkhaven, Great Marren, Marren Isles\n";
    echo $person['famc'] === null ? '' : "1 FAMC @F{$person['famc']}@\n";
    foreach ($person['fams'] as $family) {
        echo "1 FAMS @F{$family}@\n";
    }
}
foreach ($families as $at => $family) {
    echo "0 @F{$at}@ FAM\n1 ", $family['parent'] % 2 === 0 ? 'HUSB' : 'WIFE', " @I{$family['parent']}@\n1 MARR\n2 DATE ",
    $people[$family['parent']]['born'] + 21 + 9 * array_search($at, $people[$family['parent']]['fams'], true), "\n";
    foreach ($family['children'] as $child) {
        echo "1 CHIL @I{$child}@\n";
    }
}
echo "0 TRLR\n";
