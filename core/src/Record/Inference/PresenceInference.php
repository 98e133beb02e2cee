<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** Whoever is on a record of those present was there that day; that they lived there only their role can say. */
final class PresenceInference implements InferenceRule
{
    public function name(): string
    {
        return 'present there';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        if (! $roll->kind->eventIsOfAll || $roll->kind->event === '') {
            return [];
        }
        $role = $roll->role($line);
        $lives = match (true) {
            $roll->kind->event !== 'census' => '',
            $role === null => ' Nothing says whether it was home.',
            $role->resides => " Who is {$role->word} lived there.",
            default => " Who is {$role->word} was there, and lived there or elsewhere.",
        };
        $when = $roll->date->isEmpty() ? 'the day of the record' : $roll->date->shown;

        return [Assertion::ofPerson($line->id, $roll->kind->event, $roll->date, $roll->place, '',
            trim("{$line->name}, {$role?->word}", ', '))
            ->by($this->name(), "Named at {$roll->place} on {$when}.{$lives}")];
    }
}
