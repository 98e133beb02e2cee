<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Tree\EventTrait;

/**
 * When what a line tells was so: from and until, where it has such columns; of the dead, by the day of their death or of
 * the record; else on the day of the record.
 */
final class FactDuration
{
    public static function on(Roll $roll, RollLine $line): GenDate
    {
        [$from, $until] = [$roll->written($line, ColumnMeaning::From), $roll->written($line, ColumnMeaning::Until)];

        // What is told of the dead was so before that day, and nothing says when.
        $died = $roll->written($line, ColumnMeaning::DeathDate);
        $isOfTheDead = ! $roll->date->isEmpty() && $roll->kind->isOf(EventTrait::OfTheDead)
            && $roll->tie($line) === RoleRelation::Principal;

        return match (true) {
            $from !== '' && $until !== '' => $roll->day("from {$from} to {$until}"),
            $from !== '' => $roll->day("from {$from}"),
            $until !== '' => $roll->day("to {$until}"),
            $died !== '' => $roll->day("by {$died}"),
            $isOfTheDead => $roll->day("by {$roll->date->typed}"),
            default => $roll->date,
        };
    }
}
