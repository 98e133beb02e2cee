<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

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
#[Column('place_id', isSafe: true)]
#[Column('inside_id', isSafe: true)]
#[Column('from_typed')]
#[Column('to_typed')]
#[Column('from_day', isSafe: true)]
#[Column('to_day', isSafe: true)]
final class PlaceInside extends TreeModel
{
    protected $table = 'place_insides';
}
