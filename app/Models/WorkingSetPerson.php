<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Somebody in a working set.
 *
 * @property string $working_set_id
 * @property string $person_id
 */
final class WorkingSetPerson extends TreeModel
{
    protected $table = 'working_set_people';
}
