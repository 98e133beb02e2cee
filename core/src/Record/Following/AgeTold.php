<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Chrono\AgeTelling;
use NorthBough\Core\Chrono\DayWords;
use NorthBough\Core\Chrono\ToldAge;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;

/** An age on a day is a span of birth, counted as the kind of record counts, from its day of reckoning. */
final class AgeTold implements FollowingRule
{
    public function name(): string
    {
        return 'age told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $said = $roll->said($line, Meaning::Age);
        $day = $roll->said($line, Meaning::DeathDate);
        // An age at death is told of the day of death, where that stands on the same line.
        $on = $day !== '' && $roll->day($day)->span() !== null ? $roll->day($day) : $roll->date;
        $age = $said === '' ? null : ToldAge::parse($said, $roll->kind->telling);
        $told = $on->span();
        if ($age === null || $told?->earliest === null || $told->latest === null || $roll->said($line, Meaning::BirthDate) !== '') {
            return [];
        }
        $how = $roll->kind->telling === AgeTelling::Completed ? '' : ", {$roll->kind->telling->value}";
        $sum = $age->bornBySum($told);
        $born = $age->born($told);
        $date = $roll->day("aged {$said}{$how} on {$on->shown}");
        $place = $roll->said($line, Meaning::BirthPlace);
        $working = 'Aged '.$said.$how.' on '.$on->shown.': born '.self::day($sum->earliest).' to '.self::day($sum->latest)
            .'. Told ages err: '.self::day($born->earliest).' to '.self::day($born->latest).' cannot be ruled out by it.';

        return [Telling::ofPerson($line->id, 'birth', $date, $place, '', trim("{$said}, {$place}", ', '))->bySum($this->name(), $working)];
    }

    private static function day(?int $day): string
    {
        return $day === null ? '?' : DayWords::of($day);
    }
}
