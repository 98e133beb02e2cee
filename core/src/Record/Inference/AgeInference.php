<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Chrono\AgeConvention;
use NorthBough\Core\Chrono\DayWords;
use NorthBough\Core\Chrono\StatedAge;
use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** An age on a day is a span of birth, counted as the kind of record counts, from its day of reckoning. */
final class AgeInference implements InferenceRule
{
    public function name(): string
    {
        return 'age told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $written = $roll->written($line, ColumnMeaning::Age);
        $day = $roll->written($line, ColumnMeaning::DeathDate);
        // An age at death is told of the day of death, where that stands on the same line.
        $on = $day !== '' && $roll->day($day)->span() !== null ? $roll->day($day) : $roll->date;
        $age = $written === '' ? null : StatedAge::parse($written, $roll->kind->ageConvention);
        $recordSpan = $on->span();
        if ($age === null || $recordSpan?->earliest === null || $recordSpan->latest === null
            || $roll->written($line, ColumnMeaning::BirthDate) !== '') {
            return [];
        }
        $how = $roll->kind->ageConvention === AgeConvention::Completed ? '' : ", {$roll->kind->ageConvention->value}";
        $sum = $age->bornBySum($recordSpan);
        $born = $age->born($recordSpan);
        $date = $roll->day("aged {$written}{$how} on {$on->shown}");
        $place = $roll->written($line, ColumnMeaning::BirthPlace);
        $working = 'Aged '.$written.$how.' on '.$on->shown.': born '.self::day($sum->earliest).' to '.self::day($sum->latest)
            .'. Told ages err: '.self::day($born->earliest).' to '.self::day($born->latest).' cannot be ruled out by it.';

        return [Assertion::ofPerson($line->id, 'birth', $date, $place, '', trim("{$written}, {$place}", ', '))
            ->bySum($this->name(), $working)];
    }

    private static function day(?int $day): string
    {
        return $day === null ? '?' : DayWords::of($day);
    }
}
