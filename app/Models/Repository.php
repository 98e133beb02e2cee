<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $name
 */
final class Repository extends TreeModel
{
    protected $table = 'repositories';

    public static function dependents(): array
    {
        return [[Note::class, 'repository_id'], [Kept::class, 'repository_id'], [FileRef::class, 'repository_id']];
    }
}
