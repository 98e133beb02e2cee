<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A kind of record: the columns of its roll, its roles and head fields.
 *
 * @property string $name
 * @property string $search
 * @property array<string, mixed> $template
 * @property int $position
 */
final class RecordKind extends TreeModel
{
    protected $table = 'record_kinds';

    protected function casts(): array
    {
        return [...parent::casts(), 'template' => 'array'];
    }
}
