<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * Somebody in a working set.
 *
 * @property string $working_set_id
 * @property string $person_id
 */
#[Column('working_set_id', isSafe: true)]
#[Column('person_id', isSafe: true)]
final class WorkingSetPerson extends TreeModel
{
    protected $table = 'working_set_people';
}
