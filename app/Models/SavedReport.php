<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * A report that was saved by a name: its kind, what it is about and its options.
 *
 * @property string $name
 * @property string $kind
 * @property array<string, mixed> $settings  `subject` as an address has it, `options` by name
 */
#[Column('name')]
#[Column('kind')]
#[Column('settings')]
final class SavedReport extends TreeModel
{
    protected $table = 'saved_reports';

    protected function casts(): array
    {
        return [...parent::casts(), 'settings' => 'array'];
    }
}
