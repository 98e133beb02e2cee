<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a place was called, in a language, between two days.
 *
 * @property string $place_id
 * @property string $name
 * @property string $search
 * @property string $language
 * @property string $from_typed
 * @property string $to_typed
 * @property int|null $from_day
 * @property int|null $to_day
 * @property int $position
 */
final class PlaceName extends TreeModel
{
    protected $table = 'place_names';
}
