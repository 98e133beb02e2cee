<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Something to do, about something or by itself.
 *
 * @property string|null $person_id
 * @property string $text
 * @property string|null $due_on
 * @property string|null $done_at
 * @property int $position
 */
final class Task extends TreeModel
{
    protected $table = 'tasks';
}
