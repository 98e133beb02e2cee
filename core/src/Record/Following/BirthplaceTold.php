<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;

/** A birthplace without an age. */
final class BirthplaceTold implements FollowingRule
{
    public function name(): string
    {
        return 'birthplace told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $place = $roll->said($line, Meaning::BirthPlace);
        if ($place === '' || $roll->kind->event === 'birth' || (new AgeTold)->follow($roll, $line) !== []) {
            return [];
        }

        return [Telling::ofPerson($line->id, 'birth', GenDate::phrase(''), $place, '', $place)
            ->by($this->name(), "The column “{$roll->kind->column(Meaning::BirthPlace)?->label}” says so.")];
    }
}
