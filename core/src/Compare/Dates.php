<?php

declare(strict_types=1);

namespace NorthBough\Core\Compare;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;

/**
 * Two dates of one and the same thing. Spans that meet fit; spans that miss each other strain where an edge between
 * them is an allowance of ours, and contradict where the words fix both. Every reading of either counts, the kindest
 * decides. What lasted contradicts nothing.
 */
final class Dates
{
    private const NEAR_DAYS = 3653;

    public static function compare(GenDate $one, GenDate $other): Comparison
    {
        if ($one->readings === [] || $other->readings === []) {
            return Comparison::incomparable('One of the two names no time.');
        }
        $best = null;
        foreach ($one->readings as $mine) {
            foreach ($other->readings as $theirs) {
                $comparison = self::readings($mine, $theirs);
                $best = $best === null || $comparison->verdict->orKinder($best->verdict) !== $best->verdict ? $comparison : $best;
            }
        }

        return new Comparison($best->verdict, "{$one->shown} and {$other->shown}: {$best->ground}", $best->level);
    }

    private static function readings(Interpretation $one, Interpretation $other): Comparison
    {
        if ($one->end !== null || $other->end !== null) {
            return self::gap($one->outermost(), $other->outermost()) === 0
                ? new Comparison(Verdict::Fits, 'they overlap.', 0.7)
                : Comparison::incomparable('what lasted bounds no other time.');
        }
        [$mine, $theirs] = [$one->begin, $other->begin];
        $gap = self::gap($mine, $theirs);
        if ($gap === 0) {
            $same = $mine->earliest === $theirs->earliest && $mine->latest === $theirs->latest && $mine->earliest !== null && $mine->latest !== null;

            return $same ? new Comparison(Verdict::Same, 'the same days.', 1.0) : new Comparison(Verdict::Fits, 'both can be true.', self::overlap($mine, $theirs));
        }
        $mineIsFirst = $mine->latest !== null && $theirs->earliest !== null && $mine->latest < $theirs->earliest;
        [$first, $last] = $mineIsFirst ? [$mine, $theirs] : [$theirs, $mine];
        $isSoft = $first->softAfter > 0 || $last->softBefore > 0;
        $days = $gap === 1 ? '1 day' : "{$gap} days";
        $level = max(0.0, 0.5 * (1 - $gap / self::NEAR_DAYS));

        return $isSoft
            ? new Comparison(Verdict::Strains, "{$days} apart, within the margin for inexact dates.", $level)
            : new Comparison(Verdict::Contradicts, "{$days} apart.", $level / 2);
    }

    /** Days between two spans; 0 where they meet. */
    private static function gap(DaySpan $one, DaySpan $other): int
    {
        if ($one->latest !== null && $other->earliest !== null && $one->latest < $other->earliest) {
            return $other->earliest - $one->latest;
        }
        if ($other->latest !== null && $one->earliest !== null && $other->latest < $one->earliest) {
            return $one->earliest - $other->latest;
        }

        return 0;
    }

    /** From 0.6 to 1: how much of the wider span the common part fills. */
    private static function overlap(DaySpan $one, DaySpan $other): float
    {
        if ($one->earliest === null || $one->latest === null || $other->earliest === null || $other->latest === null) {
            return 0.6;
        }
        $common = min($one->latest, $other->latest) - max($one->earliest, $other->earliest) + 1;
        $widest = max($one->latest - $one->earliest, $other->latest - $other->earliest) + 1;

        return 0.6 + 0.4 * $common / $widest;
    }
}
