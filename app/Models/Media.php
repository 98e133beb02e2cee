<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A picture or file; the original is never altered.
 *
 * @property string $path
 * @property string $title
 * @property string $sha256
 * @property int $bytes
 * @property string $type
 */
final class Media extends TreeModel
{
    protected $table = 'media';

    public static function dependents(): array
    {
        return [[MediaLink::class, 'media_id'], [Region::class, 'media_id'], [Note::class, 'media_id']];
    }
}
