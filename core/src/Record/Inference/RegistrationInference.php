<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Chrono\DayWords;
use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** A registration without the day itself: it happened within the legal delay before the first day, up to the last. */
final class RegistrationInference implements InferenceRule
{
    public function name(): string
    {
        return 'registered within';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $meaning = ['birth' => ColumnMeaning::BirthDate, 'death' => ColumnMeaning::DeathDate][$roll->kind->event] ?? null;
        $span = $roll->date->span();
        if ($meaning === null || $roll->kind->delayDays === 0 || $span?->earliest === null || $span->latest === null
            || $roll->tie($line) !== RoleRelation::Principal || $roll->written($line, $meaning) !== '') {
            return [];
        }
        $from = DayWords::of($span->earliest - $roll->kind->delayDays);
        $to = DayWords::of($span->latest);

        return [Assertion::ofPerson($line->id, $roll->kind->event, $roll->day("between {$from} and {$to}"), '', '', $roll->date->shown)
            ->bySum($this->name(),
                "Registered {$roll->date->shown}, which the law allowed {$roll->kind->delayDays} days for: {$from} to {$to}.")];
    }
}
