<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Chrono\ToldAge;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;
use NorthBough\Core\Record\Tie;

/** "Married 17 years" is a span of the wedding. */
final class YearsMarried implements FollowingRule
{
    public function name(): string
    {
        return 'years married';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $said = $roll->said($line, Meaning::YearsMarried);
        $told = $roll->date->span();
        $years = preg_match('/^\d{1,2}/', $said) === 1 ? ToldAge::parse($said) : null;
        $other = match ($roll->tie($line)) {
            Tie::Partner => $roll->principalOf($line),
            Tie::Principal => $roll->firstTied($line, Tie::Partner),
            default => null,
        };
        // Told of both, it is one telling, on the line that comes second.
        if ($years === null || $other === null || $told?->earliest === null || $told->latest === null
            || ($roll->tie($line) === Tie::Principal && $roll->said($other, Meaning::YearsMarried) !== '')) {
            return [];
        }
        $sum = $years->bornBySum($told);
        [$from, $to] = array_map(static fn (?int $day): string => GenDate::parse(IsoDay::orNull($day) ?? '')->shown, [$sum->earliest, $sum->latest]);

        return [Telling::ofCouple($line->id, $other->id, 'marriage', $roll->day("{$said} before {$roll->date->shown}"), '', "married {$said}")
            ->bySum($this->name(), "Married {$said} years on {$roll->date->shown}: wed {$from} to {$to}; told years err as told ages do.")];
    }
}
