<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Sex;

/** The sex, from its column or from the role. */
final class SexInference implements InferenceRule
{
    public function name(): string
    {
        return 'sex told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $sex = $roll->sex($line);
        if ($sex === Sex::Unknown) {
            return [];
        }
        $column = $roll->written($line, ColumnMeaning::Sex);
        $working = $column !== '' ? "The page says “{$column}”." : "Who is {$roll->role($line)?->word} is {$sex->word()}.";

        return [Assertion::sex($line->id, $sex->value, $column !== '' ? $column : (string) $roll->role($line)?->word)
            ->by($this->name(), $working)];
    }
}
