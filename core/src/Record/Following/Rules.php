<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;

/** Every rule of what follows from the words. A new one is one file and one line here. */
final class Rules
{
    /** @return list<FollowingRule> */
    private static function all(): array
    {
        return [
            new PresentThere, new EventOfTheRecord, new DaysWritten, new AgeTold, new BirthplaceTold, new SexTold, new TradeTold, new AbodeTold,
            new TiesTold, new YearsMarried, new ConditionTold, new ChildrenCounted, new AliveThatDay, new RegisteredWithin,
        ];
    }

    /** @return list<Telling> all that one line tells */
    public static function of(Roll $roll, RollLine $line): array
    {
        $tellings = [];
        foreach (self::all() as $rule) {
            array_push($tellings, ...$rule->follow($roll, $line));
        }

        return $tellings;
    }
}
