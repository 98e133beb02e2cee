<?php

declare(strict_types=1);

/**
 * 1,000 households of generated isles with known truth, lined up: how many lines are placed rightly, and the time.
 * Usage: php bench/line-up.php [households] [seed]
 */

use NorthBough\Core\Linkage\HouseholdLineUp;
use NorthBough\Core\Tests\Linkage\GeneratedIsle;

require __DIR__.'/../vendor/autoload.php';

$households = (int) ($argv[1] ?? 1000);
$seed = (int) ($argv[2] ?? 1);
$an_isle = 50;
[$right, $lines, $strangers, $missed, $wrong, $twice, $seconds, $longest] = [0, 0, 0, 0, 0, 0, 0.0, 0.0];
for ($done = 0; $done < $households; $done++) {
    if ($done % $an_isle === 0) {
        $isle = new GeneratedIsle($seed++, 300);
    }
    [$roll, $truth] = $isle->household();
    $candidates = $isle->candidates($roll);
    $begun = microtime(true);
    $placed = HouseholdLineUp::of($roll, $candidates)->placed;
    $took = microtime(true) - $begun;
    $seconds += $took;
    $longest = max($longest, $took);
    $twice += count($placed) - count(array_unique($placed));
    foreach ($truth as $line => $person) {
        $said = $placed[$line] ?? '';
        $lines++;
        $right += $said === $person ? 1 : 0;
        $strangers += $said !== $person && $person === '' ? 1 : 0;
        $missed += $said !== $person && $said === '' ? 1 : 0;
        $wrong += $said !== $person && $said !== '' && $person !== '' ? 1 : 0;
    }
}
printf("%d households, %d lines: %d placed rightly, %.2f in 100\n", $households, $lines, $right, 100 * $right / $lines);
printf("strangers taken for somebody %d, missed %d, taken for another %d; one person on two lines %d\n", $strangers, $missed, $wrong, $twice);
printf("%.1f s for all, %.0f ms the longest\n", $seconds, 1000 * $longest);
