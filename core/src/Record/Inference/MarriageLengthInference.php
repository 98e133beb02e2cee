<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Chrono\StatedAge;
use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** "Married 17 years" is a span of the wedding. */
final class MarriageLengthInference implements InferenceRule
{
    public function name(): string
    {
        return 'years married';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $written = $roll->written($line, ColumnMeaning::YearsMarried);
        $recordSpan = $roll->date->span();
        $years = preg_match('/^\d{1,2}/', $written) === 1 ? StatedAge::parse($written) : null;
        $spouse = match ($roll->tie($line)) {
            RoleRelation::Partner => $roll->principalOf($line),
            RoleRelation::Principal => $roll->firstTied($line, RoleRelation::Partner),
            default => null,
        };
        // Told of both, it is one telling, on the line that comes second.
        if ($years === null || $spouse === null || $recordSpan?->earliest === null || $recordSpan->latest === null
            || ($roll->tie($line) === RoleRelation::Principal && $roll->written($spouse, ColumnMeaning::YearsMarried) !== '')) {
            return [];
        }
        $sum = $years->bornBySum($recordSpan);
        [$from, $to] = array_map(static fn (?int $day): string => GenDate::parse(IsoDay::orNull($day) ?? '')->shown,
            [$sum->earliest, $sum->latest]);

        return [Assertion::ofCouple($line->id, $spouse->id, 'marriage', $roll->day("{$written} before {$roll->date->shown}"), '',
            "married {$written}")
            ->bySum($this->name(),
                "Married {$written} years on {$roll->date->shown}: wed {$from} to {$to}; told years err as told ages do.")];
    }
}
