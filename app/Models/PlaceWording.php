<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Words as somebody typed them, and the place that they stand for.
 *
 * @property string $typed
 * @property string $place_id
 */
final class PlaceWording extends TreeModel
{
    protected $table = 'place_wordings';
}
