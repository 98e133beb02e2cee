<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict;

use NorthBough\Core\Compare\GazetteerPlaces;
use NorthBough\Core\Evidence\Conflict\Rule\DeniedAndAsserted;
use NorthBough\Core\Evidence\Conflict\Rule\OneBirthOneDeath;
use NorthBough\Core\Evidence\Conflict\Rule\OneMotherOneFather;
use NorthBough\Core\Evidence\Conflict\Rule\OneSex;
use NorthBough\Core\Evidence\Conflict\Rule\TwoPlacesOneDay;

/** Every rule by which conflicts are found. A new one is one file and one line here. */
final class Conflicts
{
    /** @return list<ConflictRule> */
    private static function rules(): array
    {
        return [new OneBirthOneDeath, new OneSex, new OneMotherOneFather, new TwoPlacesOneDay, new DeniedAndAsserted];
    }

    /** @return list<Conflict> the hard ones first, the worst before the others */
    public static function of(ConflictSubject $subject, GazetteerPlaces $places): array
    {
        $found = [];
        foreach (self::rules() as $rule) {
            array_push($found, ...$rule->find($subject, $places));
        }
        usort($found, static fn (Conflict $a, Conflict $b): int => [$b->isHard(), $b->badness] <=> [$a->isHard(), $a->badness]);

        return $found;
    }
}
