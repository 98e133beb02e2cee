<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;
use NorthBough\Core\Record\Tie;

/** A day that stands in a column of its own: born, died, buried. */
final class DaysWritten implements FollowingRule
{
    private const COLUMNS = [
        'birth' => [Meaning::BirthDate, null], 'death' => [Meaning::DeathDate, Meaning::DeathPlace], 'burial' => [Meaning::BurialDate, null],
    ];

    public function name(): string
    {
        return 'day written';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $tellings = [];
        foreach (self::COLUMNS as $event => [$when, $where]) {
            $said = $roll->said($line, $when);
            $isTheRecords = $roll->kind->event === $event && $roll->tie($line) === Tie::Principal;
            if ($said !== '' && ! $isTheRecords) {
                $place = $where === null ? '' : $roll->said($line, $where);
                $tellings[] = Telling::ofPerson($line->id, $event, $roll->day($said), $place, '', $said)
                    ->by($this->name(), "The column “{$roll->kind->column($when)?->label}” says so.");
            }
        }

        return $tellings;
    }
}
