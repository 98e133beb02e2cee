<?php

declare(strict_types=1);

/**
 * Records of generated isles with known truth, lined up: 1,000 of each kind unless another number is named. Of each
 * kind by itself: how many lines are placed rightly, how many of those proposed as new are nobody of the tree, and the time.
 * A line that asks is one for which somebody of the tree is near, or several are: it is left for the user to say.
 * Usage: php bench/line-up.php [records of each kind] [first seed] [how many mistakes to show]
 */

use NorthBough\Core\Linkage\HouseholdMatcher;
use NorthBough\Core\Tests\Linkage\GeneratedEntries;
use NorthBough\Core\Tests\Linkage\GeneratedHouseholds;
use NorthBough\Core\Tests\Linkage\GeneratedIsle;

require __DIR__.'/../vendor/autoload.php';

$records = (int) ($argv[1] ?? 1000);
$first = (int) ($argv[2] ?? 1);
$an_isle = 50;
$show = (int) ($argv[3] ?? 0);
printf("%-18s %7s %9s %9s %10s %8s %8s %9s %9s\n", 'kind', 'lines', 'right', 'in 100', 'new right', 'missed', 'strange', 'mistaken',
    'longest');
foreach (['census', 'marriage', 'baptism', 'burial', 'death-certificate'] as $kind) {
    [$right, $lines, $strangers, $missed, $wrong, $twice, $new, $newRight, $asks, $longest] = [0, 0, 0, 0, 0, 0, 0, 0, 0, 0.0];
    $seed = $first;
    for ($done = 0; $done < $records; $done++) {
        if ($done % $an_isle === 0) {
            $isle = new GeneratedIsle($seed++, 300);
            $households = new GeneratedHouseholds($isle);
            $entries = new GeneratedEntries($isle);
        }
        [$roll, $truth] = $kind === 'census' ? $households->next() : $entries->next($kind);
        $candidates = $isle->candidates($roll);
        $begun = microtime(true);
        $lined = HouseholdMatcher::of($roll, $candidates);
        $placed = $lined->placed;
        $longest = max($longest, microtime(true) - $begun);
        foreach ($truth as $line => $person) {
            $placedAs = $placed[$line] ?? '';
            $lines++;
            $right += $placedAs === $person ? 1 : 0;
            $asks += $lined->isOpen($line) ? 1 : 0;
            $isNew = $placedAs === '' && ! $lined->isOpen($line);
            $new += $isNew ? 1 : 0;
            $newRight += $isNew && $person === '' ? 1 : 0;
            $strangers += $placedAs !== $person && $person === '' ? 1 : 0;
            $missed += $placedAs !== $person && $placedAs === '' ? 1 : 0;
            $wrong += $placedAs !== $person && $placedAs !== '' && $person !== '' ? 1 : 0;
            if ($placedAs !== $person && $show-- > 0) {
                explain($roll, $line, $person, $placedAs, $lined, $isle);
            }
        }
    }
    printf("%-18s %7d %9d %9.2f %10.2f %8d %8d %8d %9d %6.0f ms\n", $kind, $lines, $right, 100 * $right / $lines,
        100 * $newRight / max(1, $new), $asks, $missed, $strangers, $wrong, 1000 * $longest);
}

function explain($roll, $line, $person, $placedAs, $lined, $isle): void
{
    echo "\n{$roll->kind->code} {$roll->date->shown}\n";
    foreach ($roll->lines as $l) {
        echo($l->id === $line ? ' > ' : '   ')."{$l->role} {$l->name} ".json_encode($l->columns).' -> '
            .($lined->placed[$l->id] ?? 'new')."\n";
    }
    $who = fn ($id) => $id === '' ? 'nobody'
        : "{$id} {$isle->people[$id]->given} {$isle->people[$id]->surname} b ".$isle->people[$id]->yearBorn().' d '
        .\NorthBough\Core\Tests\Linkage\Islander::year($isle->people[$id]->died);
    echo "   truth {$who($person)}; said {$who($placedAs)}; new ".round($lined->newOdds[$line], 3)."\n";
    foreach ($lined->offers[$line] as $o) {
        echo "     {$who($o->personId)} ".round($o->odds, 3).' '.implode(' ', $o->grounds)."\n";
    }
}
