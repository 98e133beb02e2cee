<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Impact;

use NorthBough\Core\Claim\WeightGrade;
use NorthBough\Core\Evidence\OriginGroups;

/**
 * Pulls the thread: follows whatever was concluded from something that is supposed false, and works each
 * out again without it.
 */
final class ImpactAnalysis
{
    /**
     * @param  list<Conclusion>  $conclusions  all that could rest on it
     * @param  array<string, string>  $ofPlacing  placing by claim, of claims that speak of somebody only because a line was placed on them
     */
    public static function of(array $conclusions, AssumedFalse $supposed, array $ofPlacing = []): Impact
    {
        $decisions = array_fill_keys(
            array_map(static fn (Conclusion $conclusion): string => $conclusion->id,
                array_filter($conclusions,
                    static fn (Conclusion $conclusion): bool => $conclusion->kind === ConclusionKind::Decision)), true);
        $void = array_fill_keys($supposed->claims, true);
        $gone = array_fill_keys($supposed->conclusions, true);
        do {
            $size = count($void) + count($gone);
            foreach ($ofPlacing as $claimId => $placingId) {
                if (isset($gone[$placingId])) {
                    $void[$claimId] = true;
                }
            }
            foreach ($conclusions as $conclusion) {
                foreach ($conclusion->claims as $claim) {
                    if ($claim->derivedFrom !== '' && isset($void[$claim->derivedFrom])) {
                        $void[$claim->id] = true;
                    }
                }
                if (self::outcome($conclusion, $void, $gone, $decisions)?->isGone() === true) {
                    $gone[$conclusion->id] = true;
                }
            }
        } while (count($void) + count($gone) > $size);

        $effects = [];
        foreach ($conclusions as $conclusion) {
            $outcome = self::outcome($conclusion, $void, $gone, $decisions);
            if ($outcome !== null) {
                $effects[] = new Effect($conclusion, $outcome, OriginGroups::weights($conclusion->claims), self::left($conclusion, $void));
            }
        }

        return new Impact($effects, array_keys($void));
    }

    /**
     * @param  array<string, true>  $void  claims
     * @param  array<string, true>  $gone  conclusions
     * @param  array<string, true>  $decisions  those of them that are decisions
     * @return Outcome|null null where nothing beneath it is false
     */
    private static function outcome(Conclusion $conclusion, array $void, array $gone, array $decisions): ?Outcome
    {
        $isFalse = isset($gone[$conclusion->id]);
        $lost = array_filter($conclusion->claims, static fn ($claim): bool => isset($void[$claim->id]));
        $grounds = array_filter($conclusion->restsOn, static fn (string $id): bool => isset($gone[$id]));
        if (! $isFalse && $lost === [] && $grounds === []) {
            return null;
        }
        if ($conclusion->kind === ConclusionKind::Decision) {
            return Outcome::OpensAgain;
        }
        $isAskedAgain = in_array($conclusion->kind, [ConclusionKind::Tie, ConclusionKind::Placing], true) && $grounds !== []
            && array_diff_key(array_flip($grounds), $decisions) === [];
        $isBare = $conclusion->claims !== [] && count($lost) === count($conclusion->claims);
        if ($isFalse || $isBare || ($grounds !== [] && ! $isAskedAgain)) {
            return Outcome::Falls;
        }
        if ($isAskedAgain) {
            return Outcome::Unproved;
        }

        return self::isAsStrong(self::left($conclusion, $void), OriginGroups::weights($conclusion->claims)) ? Outcome::StandsOnOtherGround
            : Outcome::Weaker;
    }

    /**
     * @param  array<string, true>  $void
     * @return list<WeightGrade>
     */
    private static function left(Conclusion $conclusion, array $void): array
    {
        return OriginGroups::weights(
            array_values(array_filter($conclusion->claims, static fn ($claim): bool => ! isset($void[$claim->id]))));
    }

    /**
     * As strong is whatever has a best voice as good as before; how many say it adds no weight.
     *
     * @param  list<WeightGrade>  $after
     * @param  list<WeightGrade>  $before
     */
    private static function isAsStrong(array $after, array $before): bool
    {
        return ($after[0] ?? WeightGrade::Derived)->isAtLeast($before[0] ?? WeightGrade::Derived);
    }
}
