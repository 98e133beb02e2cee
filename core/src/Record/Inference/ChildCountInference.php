<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** "Eleven born, eight living": counted against the mother or against the marriage, as the kind of record says. */
final class ChildCountInference implements InferenceRule
{
    public function name(): string
    {
        return 'children counted';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $born = $roll->written($line, ColumnMeaning::ChildrenBorn);
        $living = $roll->written($line, ColumnMeaning::ChildrenLiving);
        if (preg_match('/^\d{1,2}$/', $born) !== 1) {
            return [];
        }
        $of = $roll->kind->countsFor === 'mother' ? 'of this mother' : 'of this marriage';
        $dead = preg_match('/^\d{1,2}$/', $living) === 1 ? (int) $born - (int) $living : null;
        $words = $living === '' ? "{$born} born" : "{$born} born, {$living} living";

        return [Assertion::remark($line->id, 'children', $roll->date, $words)
            ->bySum($this->name(),
                "{$born} children {$of} by {$roll->date->shown}".($dead === null ? '.' : ", {$dead} of them dead before then."))];
    }
}
