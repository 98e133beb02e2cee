<?php

declare(strict_types=1);

namespace NorthBough\Core\Compare;

use NorthBough\Core\Sex;

/** An unknown sex is no conflict. */
final class Sexes
{
    public static function compare(Sex $sex, Sex $other): Comparison
    {
        return match (true) {
            $sex === Sex::Unknown || $other === Sex::Unknown => Comparison::incomparable('The sex of one is not known.'),
            $sex === $other => new Comparison(Verdict::Same, "Both are {$sex->word()}.", 1.0),
            default => new Comparison(Verdict::Contradicts, "One is {$sex->word()}, the other {$other->word()}.", 0.0),
        };
    }
}
