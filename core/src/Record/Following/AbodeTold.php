<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;

/** "Of" a place: somebody's home on the day of the record, or for as long as the line says. */
final class AbodeTold implements FollowingRule
{
    public function name(): string
    {
        return 'abode told';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $place = $roll->said($line, Meaning::Abode);

        return $place === '' ? [] : [Telling::ofPerson($line->id, 'residence', Lasted::on($roll, $line), $place, '', $place)
            ->by($this->name(), "The column “{$roll->kind->column(Meaning::Abode)?->label}” says “{$place}”.")];
    }
}
