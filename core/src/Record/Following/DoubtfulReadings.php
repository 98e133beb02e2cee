<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;
use NorthBough\Core\Record\TellingOf;

/**
 * A doubtful reading gives its alternatives as rivals: what follows from the word as it was read is
 * marked so, and what would follow from each other reading stands beside it.
 */
final class DoubtfulReadings
{
    /** @return list<Telling> all that one line tells, its other readings last */
    public static function of(Roll $roll, RollLine $line): array
    {
        $tellings = Rules::of($roll, $line);
        $others = [];
        foreach ($line->doubtful() as $code) {
            $alternatives = $line->others($code);
            foreach ($alternatives === [] ? [''] : $alternatives as $reading) {
                $otherwise = Rules::of($roll, $line->reading($code, $reading));
                $tellings = array_map(static fn (Telling $telling): Telling => self::isAmong($telling, $otherwise) ? $telling : $telling->doubted(), $tellings);
                foreach ($reading === '' ? [] : $otherwise as $telling) {
                    if (in_array($telling->of, [TellingOf::Person, TellingOf::Couple], true) && ! self::isAmong($telling, $tellings)) {
                        $others[] = $telling->readAs($reading);
                    }
                }
            }
        }

        return [...$tellings, ...$others];
    }

    /** @param  list<Telling>  $tellings */
    private static function isAmong(Telling $telling, array $tellings): bool
    {
        foreach ($tellings as $other) {
            if ($telling->saysWhat($other)) {
                return true;
            }
        }

        return false;
    }
}
