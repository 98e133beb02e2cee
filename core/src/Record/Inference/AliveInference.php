<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** Whoever signs, informs or witnesses was alive that day: a hard bound. */
final class AliveInference implements InferenceRule
{
    public function name(): string
    {
        return 'alive that day';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $role = $roll->role($line);
        if ($role === null || ! $role->acts || $roll->date->span() === null) {
            return [];
        }

        return [Assertion::remark($line->id, 'alive', $roll->date, "{$line->name}, {$role->word}")
            ->bySum($this->name(), "Who is {$role->word} on {$roll->date->shown} was alive that day.")];
    }
}
