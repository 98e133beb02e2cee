<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** When what a line tells was so: from and until, where it has such columns, else on the day of the record. */
final class Lasted
{
    public static function on(Roll $roll, RollLine $line): GenDate
    {
        [$from, $until] = [$roll->said($line, Meaning::From), $roll->said($line, Meaning::Until)];

        return match (true) {
            $from !== '' && $until !== '' => GenDate::parse("from {$from} to {$until}"),
            $from !== '' => GenDate::parse("from {$from}"),
            $until !== '' => GenDate::parse("to {$until}"),
            default => $roll->date,
        };
    }
}
