<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * A picture or file; the original is never altered.
 *
 * @property string $path
 * @property string $title
 * @property string $sha256
 * @property int $bytes
 * @property string $type
 * @property string $restriction
 */
#[Column('path', isSafe: true)]
#[Column('title', 'title')]
#[Column('sha256', isSafe: true)]
#[Column('bytes', isSafe: true)]
#[Column('type', isSafe: true)]
#[Column('restriction', 'restriction', isSafe: true)]
final class Media extends TreeModel
{
    protected $table = 'media';

    public static function dependents(): array
    {
        return [[MediaLink::class, 'media_id'], [Region::class, 'media_id'], [Note::class, 'media_id'],
            [Join::class, 'kept_media_id']];
    }

    /** Its title; without one, the name that the file had, without the sum by which it is kept. */
    public function called(): string
    {
        return $this->title !== '' ? $this->title : (string) preg_replace('/^[0-9a-f]{8}-(?=.)/', '', basename($this->path));
    }
}
