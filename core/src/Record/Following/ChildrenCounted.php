<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;

/** "Eleven born, eight living": counted against the mother or against the marriage, as the kind of record says. */
final class ChildrenCounted implements FollowingRule
{
    public function name(): string
    {
        return 'children counted';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $born = $roll->said($line, Meaning::ChildrenBorn);
        $living = $roll->said($line, Meaning::ChildrenLiving);
        if (preg_match('/^\d{1,2}$/', $born) !== 1) {
            return [];
        }
        $of = $roll->kind->countsFor === 'mother' ? 'of this mother' : 'of this marriage';
        $dead = preg_match('/^\d{1,2}$/', $living) === 1 ? (int) $born - (int) $living : null;
        $words = $living === '' ? "{$born} born" : "{$born} born, {$living} living";

        return [Telling::remark($line->id, 'children', $roll->date, $words)
            ->bySum($this->name(), "{$born} children {$of} by {$roll->date->shown}".($dead === null ? '.' : ", {$dead} of them dead before then."))];
    }
}
