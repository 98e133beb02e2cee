<?php

declare(strict_types=1);

namespace NorthBough\Core\Compare;

use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Place\PlacePath;

/** Two places as typed: the same, one inside the other, or different. That they differ contradicts nothing by itself. */
final class Places
{
    public static function compare(string $place, string $otherPlace): Comparison
    {
        $mine = array_map(SearchForm::of(...), PlacePath::parse($place)->names);
        $theirs = array_map(SearchForm::of(...), PlacePath::parse($otherPlace)->names);
        if ($mine === [] || $theirs === []) {
            return Comparison::incomparable('One of the two names no place.');
        }
        if ($mine === $theirs) {
            return new Comparison(Verdict::Same, "{$place} is the same.", 1.0);
        }
        [$wider, $narrower] = count($mine) <= count($theirs) ? [$mine, $theirs] : [$theirs, $mine];
        if (array_slice($narrower, -count($wider)) === $wider || array_values(array_intersect($narrower, $wider)) === $wider) {
            return new Comparison(Verdict::Fits, 'One lies inside the other, or is told more fully.', 0.8);
        }
        $common = count(array_intersect($mine, $theirs));

        return new Comparison(Verdict::Incomparable, "{$place} and {$otherPlace} are different places.",
            $common === 0 ? 0.1 : 0.1 + 0.4 * $common / count($narrower));
    }
}
