<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** A day that stands in a column of its own: born, died, buried. */
final class DatedEventInference implements InferenceRule
{
    private const COLUMNS = [
        'birth' => [ColumnMeaning::BirthDate, null], 'death' => [ColumnMeaning::DeathDate, ColumnMeaning::DeathPlace],
        'burial' => [ColumnMeaning::BurialDate, null],
    ];

    public function name(): string
    {
        return 'day written';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $assertions = [];
        foreach (self::COLUMNS as $event => [$when, $where]) {
            $written = $roll->written($line, $when);
            $isTheRecords = $roll->kind->event === $event && $roll->tie($line) === RoleRelation::Principal;
            if ($written !== '' && ! $isTheRecords) {
                $place = $where === null ? '' : $roll->written($line, $where);
                $assertions[] = Assertion::ofPerson($line->id, $event, $roll->day($written), $place, '', $written)
                    ->by($this->name(), "The column “{$roll->kind->column($when)?->label}” says so.");
            }
        }

        return $assertions;
    }
}
