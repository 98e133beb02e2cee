<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * A conflict or a case, and what was decided.
 *
 * @property string $kind
 * @property string|null $person_id
 * @property string|null $other_person_id somebody who may be the same person
 * @property string|null $roll_line_id the line of which it is asked who it is
 * @property string|null $union_id
 * @property string $aspect
 * @property list<string> $about the facts that disagree, where the aspect alone does not tell them
 * @property string $title
 * @property string $state
 * @property string $decision
 * @property string $reason
 * @property string $summary
 * @property string $reopened_by
 */
#[DescribedBy(QuestionRow::class)]
#[Column('union_id', isSafe: true)]
#[Column('roll_line_id', isSafe: true)]
#[Column('about')]
final class Question extends TreeModel
{
    protected $table = 'questions';

    protected function casts(): array
    {
        return [...parent::casts(), 'about' => 'array'];
    }

    public static function dependents(): array
    {
        return [[Alternative::class, 'question_id'], [Point::class, 'question_id'], [ClaimUse::class, 'question_id'],
            [RestsOn::class, 'deciding_question_id'], [RestsOn::class, 'question_id'], [Note::class, 'question_id'],
            [Task::class, 'question_id']];
    }
}
