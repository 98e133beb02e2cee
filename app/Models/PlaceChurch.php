<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

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
#[Column('place_id', isSafe: true)]
#[Column('church_id', isSafe: true)]
#[Column('from_typed')]
#[Column('to_typed')]
#[Column('from_day', isSafe: true)]
#[Column('to_day', isSafe: true)]
final class PlaceChurch extends TreeModel
{
    protected $table = 'place_churches';
}
