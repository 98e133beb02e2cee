<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * A part of a picture, as shares of its sides, and who is on it.
 *
 * @property string $media_id
 * @property string|null $person_id
 * @property string $left
 * @property string $top
 * @property string $width
 * @property string $height
 * @property int $page from 0
 * @property string $words
 */
#[Column('media_id', isSafe: true)]
#[Column('person_id', isSafe: true)]
#[Column('left', isSafe: true)]
#[Column('top', isSafe: true)]
#[Column('width', isSafe: true)]
#[Column('height', isSafe: true)]
#[Column('words', 'words')]
#[Column('page', isSafe: true)]
final class Region extends TreeModel
{
    protected $table = 'regions';
}
