<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** Widowed is told, not proved: a soft bound on a death that is somebody else's. */
final class MaritalStatusInference implements InferenceRule
{
    public function name(): string
    {
        return 'condition told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $written = $roll->written($line, ColumnMeaning::Condition);
        $first = mb_strtolower(mb_substr($written, 0, 2));
        $working = match (true) {
            str_starts_with($first, 'wi'), $first === 'w' => "Widowed by {$roll->date->shown}, as told: a partner died before then.",
            str_starts_with($first, 'm') => "Married by {$roll->date->shown}: there was a wedding before then.",
            str_starts_with($first, 'u'), str_starts_with($first, 's') => "Never wed by {$roll->date->shown}, as told.",
            default => '',
        };

        return $working === '' ? [] : [Assertion::remark($line->id, 'condition', $roll->date, $written)->by($this->name(), $working)];
    }
}
