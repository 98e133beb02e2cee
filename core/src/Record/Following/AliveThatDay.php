<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;

/** Whoever signs, informs or witnesses was alive that day: a hard bound. */
final class AliveThatDay implements FollowingRule
{
    public function name(): string
    {
        return 'alive that day';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $role = $roll->role($line);
        if ($role === null || ! $role->acts || $roll->date->span() === null) {
            return [];
        }

        return [Telling::remark($line->id, 'alive', $roll->date, "{$line->name}, {$role->word}")
            ->bySum($this->name(), "Who is {$role->word} on {$roll->date->shown} was alive that day.")];
    }
}
