<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * Some people to work through in an evening.
 *
 * @property string $name
 * @property array<string, mixed> $asked
 */
#[Column('name', 'name')]
#[Column('asked')]
final class WorkingSet extends TreeModel
{
    protected $table = 'working_sets';

    protected function casts(): array
    {
        return [...parent::casts(), 'asked' => 'array'];
    }

    public static function dependents(): array
    {
        return [[WorkingSetPerson::class, 'working_set_id']];
    }
}
