<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * Words as somebody typed them, and the place that they stand for.
 *
 * @property string $typed
 * @property string $place_id
 */
#[Column('typed')]
#[Column('place_id', isSafe: true)]
final class PlaceWording extends TreeModel
{
    protected $table = 'place_wordings';
}
