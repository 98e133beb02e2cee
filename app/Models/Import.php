<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $file_name
 * @property int $bytes
 * @property string $sha256
 * @property string $standard
 * @property string $head
 * @property array<string, mixed> $report
 * @property string $brought_in_at
 */
final class Import extends TreeModel
{
    protected $table = 'imports';

    protected function casts(): array
    {
        return [...parent::casts(), 'report' => 'array'];
    }
}
