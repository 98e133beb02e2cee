<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** "Of" a place: somebody's home on the day of the record, or for as long as the line says. */
final class ResidenceInference implements InferenceRule
{
    public function name(): string
    {
        return 'abode told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $place = $roll->written($line, ColumnMeaning::Abode);

        return $place === '' ? [] : [Assertion::ofPerson($line->id, 'residence', FactDuration::on($roll, $line), $place, '', $place)
            ->by($this->name(), "The column “{$roll->kind->column(ColumnMeaning::Abode)?->label}” says “{$place}”.")];
    }
}
