<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** A birthplace without an age. */
final class BirthplaceInference implements InferenceRule
{
    public function name(): string
    {
        return 'birthplace told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $place = $roll->written($line, ColumnMeaning::BirthPlace);
        if ($place === '' || $roll->kind->event === 'birth' || (new AgeInference)->follow($roll, $line) !== []) {
            return [];
        }

        return [Assertion::ofPerson($line->id, 'birth', GenDate::phrase(''), $place, '', $place)
            ->by($this->name(), "The column “{$roll->kind->column(ColumnMeaning::BirthPlace)?->label}” says so.")];
    }
}
