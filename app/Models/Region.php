<?php

declare(strict_types=1);

namespace App\Models;

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
final class Region extends TreeModel
{
    protected $table = 'regions';
}
