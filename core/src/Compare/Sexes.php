<?php

declare(strict_types=1);

namespace NorthBough\Core\Compare;

use NorthBough\Core\Sex;

/** An unknown sex is no conflict. */
final class Sexes
{
    public static function compare(Sex $sex, Sex $otherSex): Comparison
    {
        return match (true) {
            $sex === Sex::Unknown || $otherSex === Sex::Unknown => Comparison::incomparable('The sex of one is not known.'),
            $sex === $otherSex => new Comparison(Verdict::Same, "Both are {$sex->word()}.", 1.0),
            default => new Comparison(Verdict::Contradicts, "One is {$sex->word()}, the other {$otherSex->word()}.", 0.0),
        };
    }
}
