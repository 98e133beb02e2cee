<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;

/** One way in which something follows from the words of a record. */
interface FollowingRule
{
    /** The name of the rule as it is shown, such as "age told". */
    public function name(): string;

    /** @return list<Telling> each with its sum */
    public function follow(Roll $roll, RollLine $line): array;
}
