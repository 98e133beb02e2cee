<?php

declare(strict_types=1);

namespace App\Models;

/**
 * The church that served a place between two days.
 *
 * @property string $place_id
 * @property string $church_id
 * @property string $from_typed
 * @property string $to_typed
 * @property int|null $from_day
 * @property int|null $to_day
 */
final class PlaceChurch extends TreeModel
{
    protected $table = 'place_churches';
}
