<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\RestsOnRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * A human decision, and one thing that it rests on.
 *
 * @property string|null $deciding_question_id
 * @property string|null $deciding_event_id
 * @property string|null $deciding_parentage_id
 * @property string|null $deciding_placing_id
 * @property string|null $claim_id
 * @property string|null $question_id
 * @property string|null $placing_id
 */
#[DescribedBy(RestsOnRow::class)]
#[Column('deciding_question_id', isSafe: true)]
#[Column('deciding_event_id', isSafe: true)]
#[Column('deciding_parentage_id', isSafe: true)]
#[Column('deciding_placing_id', isSafe: true)]
#[Column('claim_id', isSafe: true)]
#[Column('question_id', isSafe: true)]
#[Column('placing_id', isSafe: true)]
final class RestsOn extends TreeModel
{
    protected $table = 'rests_on';
}
