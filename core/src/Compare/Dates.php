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

    public static function compare(GenDate $genDate, GenDate $otherDate): Comparison
    {
        if ($genDate->readings === [] || $otherDate->readings === []) {
            return Comparison::incomparable('One of the two names no time.');
        }
        $best = null;
        foreach ($genDate->readings as $mine) {
            foreach ($otherDate->readings as $theirs) {
                $comparison = self::readings($mine, $theirs);
                $best = $best === null || $comparison->verdict->orKinder($best->verdict) !== $best->verdict ? $comparison : $best;
            }
        }

        return new Comparison($best->verdict, "{$genDate->shown} and {$otherDate->shown}: {$best->ground}", $best->level);
    }

    private static function readings(Interpretation $interpretation, Interpretation $otherInterpretation): Comparison
    {
        if ($interpretation->end !== null || $otherInterpretation->end !== null) {
            return self::gap($interpretation->outermost(), $otherInterpretation->outermost()) === 0
                ? new Comparison(Verdict::Fits, 'they overlap.', 0.7)
                : Comparison::incomparable('what lasted bounds no other time.');
        }
        [$mine, $theirs] = [$interpretation->begin, $otherInterpretation->begin];
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
    private static function gap(DaySpan $daySpan, DaySpan $otherSpan): int
    {
        if ($daySpan->latest !== null && $otherSpan->earliest !== null && $daySpan->latest < $otherSpan->earliest) {
            return $otherSpan->earliest - $daySpan->latest;
        }
        if ($otherSpan->latest !== null && $daySpan->earliest !== null && $otherSpan->latest < $daySpan->earliest) {
            return $daySpan->earliest - $otherSpan->latest;
        }

        return 0;
    }

    /** From 0.6 to 1: how much of the wider span the common part fills. */
    private static function overlap(DaySpan $daySpan, DaySpan $otherSpan): float
    {
        if ($daySpan->earliest === null || $daySpan->latest === null || $otherSpan->earliest === null || $otherSpan->latest === null) {
            return 0.6;
        }
        $common = min($daySpan->latest, $otherSpan->latest) - max($daySpan->earliest, $otherSpan->earliest) + 1;
        $widest = max($daySpan->latest - $daySpan->earliest, $otherSpan->latest - $otherSpan->earliest) + 1;

        return 0.6 + 0.4 * $common / $widest;
    }
}
