<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/**
 * How many pairs of lines between two rows cross, counted in n·log n (W. Barth, P. Mutzel, M. Jünger, "Simple and Efficient
 * Bilayer Cross Counting", 2004). A line is one number, so that sorting is fast: where it begins, then where it ends.
 */
final class Crossings
{
    private const END_BITS = 24;

    /** Places in a row may lie half way, or at other parts, between two. */
    private const PARTS = 64;

    public static function line(float $begins, int $ends): int
    {
        return ((int) round($begins * self::PARTS)) << self::END_BITS | $ends;
    }

    /** @param  list<int>  $lines  each made by line() */
    public static function of(array $lines): int
    {
        if (count($lines) < 2) {
            return 0;
        }
        sort($lines);
        $mask = (1 << self::END_BITS) - 1;
        $ends = array_map(static fn (int $line): int => ($line & $mask) + 1, $lines);
        $last = max($ends);
        $counts = array_fill(0, $last + 1, 0);
        $crossings = 0;
        // A tree of sums (P. Fenwick, 1994): how many that began before end further right.
        foreach ($ends as $before => $end) {
            $notRight = 0;
            for ($at = $end; $at > 0; $at -= $at & -$at) {
                $notRight += $counts[$at];
            }
            $crossings += $before - $notRight;
            for ($at = $end; $at <= $last; $at += $at & -$at) {
                $counts[$at]++;
            }
        }

        return $crossings;
    }
}
