<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string $text
 * @property bool $is_research
 */
#[DescribedBy(NoteRow::class)]
#[Column('place_id', isSafe: true)]
#[Column('record_id', isSafe: true)]
#[Column('media_id', isSafe: true)]
#[Column('parent_set_id', isSafe: true)]
#[Column('question_id', isSafe: true)]
final class Note extends TreeModel
{
    protected $table = 'notes';

    public static function dependents(): array
    {
        return [[Kept::class, 'note_id']];
    }
}
