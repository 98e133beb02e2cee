<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * @property string $file_name
 * @property int $bytes
 * @property string $sha256
 * @property string $standard
 * @property string $head
 * @property array<string, mixed> $report
 * @property string $brought_in_at
 */
#[Column('file_name')]
#[Column('bytes', isSafe: true)]
#[Column('sha256', isSafe: true)]
#[Column('standard')]
#[Column('head')]
#[Column('report')]
#[Column('brought_in_at', isSafe: true)]
final class Import extends TreeModel
{
    protected $table = 'imports';

    protected function casts(): array
    {
        return [...parent::casts(), 'report' => 'array'];
    }
}
