<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence;

use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Claim\WeightGrade;
use NorthBough\Core\Naming\SearchForm;

/**
 * Which claims share one origin: those with the same informant, those copied from one another, those on one record, and
 * those of which somebody said so. Five censuses told by herself are one voice.
 */
final class OriginGroups
{
    /**
     * @param  list<ClassifiedClaim>  $claims
     * @return list<list<ClassifiedClaim>> by origin, in the order of the first claim of each
     */
    public static function among(array $claims): array
    {
        $groupOf = [];
        foreach ($claims as $at => $claim) {
            $groupOf[$at] = $at;
        }
        $byKey = [];
        foreach ($claims as $at => $claim) {
            foreach (self::keys($claim) as $key) {
                $byKey[$key][] = $at;
            }
        }
        foreach ($byKey as $members) {
            foreach ($members as $member) {
                self::join($groupOf, $members[0], $member);
            }
        }
        $groups = [];
        foreach ($claims as $at => $claim) {
            $groups[self::root($groupOf, $at)][] = $claim;
        }

        return array_values($groups);
    }

    /**
     * The strongest voice of each origin, the strongest origin first: what the notches under a fact show.
     *
     * @param  list<ClassifiedClaim>  $claims
     * @return list<WeightGrade>
     */
    public static function weights(array $claims): array
    {
        $originWeights = [];
        foreach (self::among($claims) as $group) {
            $voices = array_values(
                array_filter(array_map(static fn (ClassifiedClaim $claim): WeightGrade => WeightRule::of($claim)->weight, $group),
                    static fn (WeightGrade $weight): bool => $weight->isVoice()));
            if ($voices !== []) {
                usort($voices, self::strongestFirst(...));
                $originWeights[] = $voices[0];
            }
        }
        usort($originWeights, self::strongestFirst(...));

        return $originWeights;
    }

    private static function strongestFirst(WeightGrade $a, WeightGrade $b): int
    {
        return $b->place() <=> $a->place();
    }

    /** @return list<string> whoever bears one of these belongs together */
    private static function keys(ClassifiedClaim $claim): array
    {
        return array_values(array_filter([
            "record {$claim->recordId}", "claim {$claim->id}", $claim->derivedFrom === '' ? '' : "claim {$claim->derivedFrom}",
            SearchForm::of($claim->informant) === '' ? '' : 'informant '.SearchForm::of($claim->informant),
            SearchForm::of($claim->saidOrigin) === '' ? '' : 'origin '.SearchForm::of($claim->saidOrigin),
        ]));
    }

    /** @param  array<int, int>  $groupOf */
    private static function root(array $groupOf, int $at): int
    {
        while ($groupOf[$at] !== $at) {
            $at = $groupOf[$at];
        }

        return $at;
    }

    /** @param  array<int, int>  $groupOf */
    private static function join(array &$groupOf, int $claim, int $otherClaim): void
    {
        [$claim, $otherClaim] = [self::root($groupOf, $claim), self::root($groupOf, $otherClaim)];
        $groupOf[max($claim, $otherClaim)] = min($claim, $otherClaim);
    }
}
