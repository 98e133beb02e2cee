<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * A drawing with its settings, opened again with the data of the day.
 *
 * @property string $name
 * @property string $kind
 * @property string|null $person_id
 * @property array<string, mixed> $settings
 */
#[Column('name', 'name')]
#[Column('kind', 'kind', isSafe: true)]
#[Column('person_id', isSafe: true)]
#[Column('settings')]
final class Drawing extends TreeModel
{
    protected $table = 'drawings';

    protected function casts(): array
    {
        return [...parent::casts(), 'settings' => 'array'];
    }
}
