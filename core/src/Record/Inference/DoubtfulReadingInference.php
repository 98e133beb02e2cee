<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\AssertionSubject;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/**
 * A doubtful reading gives its alternatives as rivals: what follows from the word as it was read is
 * marked so, and what would follow from each other reading stands beside it.
 */
final class DoubtfulReadingInference
{
    /** @return list<Assertion> all that one line tells, its other readings last */
    public static function of(Roll $roll, RollLine $line): array
    {
        $assertions = InferenceRules::of($roll, $line);
        $others = [];
        foreach ($line->doubtful() as $code) {
            $alternatives = $line->others($code);
            foreach ($alternatives === [] ? [''] : $alternatives as $reading) {
                $otherwise = InferenceRules::of($roll, $line->reading($code, $reading));
                $assertions = array_map(static fn (Assertion $assertion): Assertion => self::isAmong($assertion, $otherwise) ? $assertion
                    : $assertion->doubted(), $assertions);
                foreach ($reading === '' ? [] : $otherwise as $assertion) {
                    if (in_array($assertion->of, [AssertionSubject::Person, AssertionSubject::Couple], true)
                        && ! self::isAmong($assertion, $assertions)) {
                        $others[] = $assertion->readAs($reading);
                    }
                }
            }
        }

        return [...$assertions, ...$others];
    }

    /** @param  list<Assertion>  $assertions */
    private static function isAmong(Assertion $assertion, array $assertions): bool
    {
        foreach ($assertions as $otherAssertion) {
            if ($assertion->saysTheSameAs($otherAssertion)) {
                return true;
            }
        }

        return false;
    }
}
