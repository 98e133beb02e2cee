<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $import_id
 * @property string $pointer
 * @property string $path
 * @property string $lines
 */
final class Kept extends TreeModel
{
    protected $table = 'kept';
}
