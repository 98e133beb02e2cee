<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

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
#[Column('place_id', isSafe: true)]
#[Column('name', 'name')]
#[Column('search', isSafe: true)]
#[Column('language')]
#[Column('from_typed')]
#[Column('to_typed')]
#[Column('from_day', isSafe: true)]
#[Column('to_day', isSafe: true)]
#[Column('position', isSafe: true)]
final class PlaceName extends TreeModel
{
    protected $table = 'place_names';
}
