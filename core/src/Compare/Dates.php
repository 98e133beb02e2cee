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

    public static function compare(GenDate $genDate, GenDate $other): Comparison
    {
        if ($genDate->readings === [] || $other->readings === []) {
            return Comparison::incomparable('One of the two names no time.');
        }
        $best = null;
        foreach ($genDate->readings as $mine) {
            foreach ($other->readings as $theirs) {
                $comparison = self::readings($mine, $theirs);
                $best = $best === null || $comparison->verdict->orKinder($best->verdict) !== $best->verdict ? $comparison : $best;
            }
        }

        return new Comparison($best->verdict, "{$genDate->shown} and {$other->shown}: {$best->ground}", $best->level);
    }

    private static function readings(Interpretation $interpretation, Interpretation $other): Comparison
    {
        if ($interpretation->end !== null || $other->end !== null) {
            return self::gap($interpretation->outermost(), $other->outermost()) === 0
                ? new Comparison(Verdict::Fits, 'they overlap.', 0.7)
                : Comparison::incomparable('what lasted bounds no other time.');
        }
        [$mine, $theirs] = [$interpretation->begin, $other->begin];
        $gap = self::gap($mine, $theirs);
        if ($gap === 0) {
            $same = $mine->earliest === $theirs->earliest && $mine->latest === $theirs->latest && $mine->earliest !== null
                && $mine->latest !== null;

            return $same ? new Comparison(Verdict::Same, 'the same days.', 1.0)
                : new Comparison(Verdict::Fits, 'both can be true.', self::overlap($mine, $theirs));
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
    private static function gap(DaySpan $daySpan, DaySpan $other): int
    {
        if ($daySpan->latest !== null && $other->earliest !== null && $daySpan->latest < $other->earliest) {
            return $other->earliest - $daySpan->latest;
        }
        if ($other->latest !== null && $daySpan->earliest !== null && $other->latest < $daySpan->earliest) {
            return $daySpan->earliest - $other->latest;
        }

        return 0;
    }

    /** From 0.6 to 1: how much of the wider span the common part fills. */
    private static function overlap(DaySpan $daySpan, DaySpan $other): float
    {
        if ($daySpan->earliest === null || $daySpan->latest === null || $other->earliest === null || $other->latest === null) {
            return 0.6;
        }
        $common = min($daySpan->latest, $other->latest) - max($daySpan->earliest, $other->earliest) + 1;
        $widest = max($daySpan->latest - $daySpan->earliest, $other->latest - $other->earliest) + 1;

        return 0.6 + 0.4 * $common / $widest;
    }
}
