<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Chrono\DayWords;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;
use NorthBough\Core\Record\Tie;

/** A registration without the day itself: it happened within the legal delay before the first day, up to the last. */
final class RegisteredWithin implements FollowingRule
{
    public function name(): string
    {
        return 'registered within';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $meaning = ['birth' => Meaning::BirthDate, 'death' => Meaning::DeathDate][$roll->kind->event] ?? null;
        $span = $roll->date->span();
        if ($meaning === null || $roll->kind->delayDays === 0 || $span?->earliest === null || $span->latest === null
            || $roll->tie($line) !== Tie::Principal || $roll->said($line, $meaning) !== '') {
            return [];
        }
        $from = DayWords::of($span->earliest - $roll->kind->delayDays);
        $to = DayWords::of($span->latest);

        return [Telling::ofPerson($line->id, $roll->kind->event, $roll->day("between {$from} and {$to}"), '', '', $roll->date->shown)
            ->bySum($this->name(), "Registered {$roll->date->shown}, which the law allowed {$roll->kind->delayDays} days for: {$from} to {$to}.")];
    }
}
