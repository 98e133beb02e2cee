<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string|null $repository_id
 * @property string $title
 * @property string $author
 * @property string $publication
 * @property string $abbreviation
 * @property string $text
 * @property string $call_number
 * @property string $search
 */
final class Source extends TreeModel
{
    protected $table = 'sources';

    public static function dependents(): array
    {
        return [[Note::class, 'source_id'], [Kept::class, 'source_id'], [FileRef::class, 'source_id']];
    }
}
