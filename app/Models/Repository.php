<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\RepositoryRow;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string $name
 */
#[DescribedBy(RepositoryRow::class)]
final class Repository extends TreeModel
{
    protected $table = 'repositories';

    public static function dependents(): array
    {
        return [[Note::class, 'repository_id'], [Kept::class, 'repository_id'], [FileRef::class, 'repository_id'],
            [Join::class, 'kept_repository_id']];
    }
}
