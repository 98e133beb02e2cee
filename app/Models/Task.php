<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * Something to do, about something or by itself.
 *
 * @property string|null $person_id
 * @property string $text
 * @property string|null $due_on
 * @property string|null $done_at
 * @property int $position
 */
#[DescribedBy(TaskRow::class)]
#[Column('union_id', isSafe: true)]
#[Column('event_id', isSafe: true)]
#[Column('place_id', isSafe: true)]
#[Column('source_id', isSafe: true)]
#[Column('repository_id', isSafe: true)]
#[Column('record_id', isSafe: true)]
#[Column('due_on', isSafe: true)]
#[Column('done_at', isSafe: true)]
#[Column('position', isSafe: true)]
final class Task extends TreeModel
{
    protected $table = 'tasks';
}
