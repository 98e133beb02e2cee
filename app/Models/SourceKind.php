<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A kind of source: its fields and how they are set in its notes.
 *
 * @property string $name
 * @property string $search
 * @property array<string, mixed> $template
 * @property int $position
 */
final class SourceKind extends TreeModel
{
    protected $table = 'source_kinds';

    protected function casts(): array
    {
        return [...parent::casts(), 'template' => 'array'];
    }
}
