<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A drawing with its settings, opened again with the data of the day.
 *
 * @property string $name
 * @property string $kind
 * @property string|null $person_id
 * @property array<string, mixed> $settings
 */
final class Drawing extends TreeModel
{
    protected $table = 'drawings';

    protected function casts(): array
    {
        return [...parent::casts(), 'settings' => 'array'];
    }
}
