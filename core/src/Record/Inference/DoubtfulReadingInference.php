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
        $tellings = InferenceRules::of($roll, $line);
        $others = [];
        foreach ($line->doubtful() as $code) {
            $alternatives = $line->others($code);
            foreach ($alternatives === [] ? [''] : $alternatives as $reading) {
                $otherwise = InferenceRules::of($roll, $line->reading($code, $reading));
                $tellings = array_map(static fn (Assertion $telling): Assertion => self::isAmong($telling, $otherwise) ? $telling : $telling->doubted(), $tellings);
                foreach ($reading === '' ? [] : $otherwise as $telling) {
                    if (in_array($telling->of, [AssertionSubject::Person, AssertionSubject::Couple], true) && ! self::isAmong($telling, $tellings)) {
                        $others[] = $telling->readAs($reading);
                    }
                }
            }
        }

        return [...$tellings, ...$others];
    }

    /** @param  list<Assertion>  $tellings */
    private static function isAmong(Assertion $telling, array $tellings): bool
    {
        foreach ($tellings as $other) {
            if ($telling->saysTheSameAs($other)) {
                return true;
            }
        }

        return false;
    }
}
