<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $import_id
 * @property string $pointer
 */
final class FileRef extends TreeModel
{
    protected $table = 'file_refs';
}
