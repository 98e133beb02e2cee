<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a place lay in between two days.
 *
 * @property string $place_id
 * @property string $inside_id
 * @property string $from_typed
 * @property string $to_typed
 * @property int|null $from_day
 * @property int|null $to_day
 */
final class PlaceInside extends TreeModel
{
    protected $table = 'place_insides';
}
