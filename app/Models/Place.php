<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * @property string $name
 * @property string|null $inside_id
 * @property string $search
 * @property string $kind
 * @property string|null $latitude
 * @property string|null $longitude
 * @property array<string, string>|null $reckoning
 */
#[Column('name', 'name')]
#[Column('inside_id', isSafe: true)]
#[Column('search', isSafe: true)]
#[Column('kind', 'kind', isSafe: true)]
#[Column('latitude', isSafe: true)]
#[Column('longitude', isSafe: true)]
#[Column('reckoning')]
final class Place extends TreeModel
{
    protected $table = 'places';

    protected function casts(): array
    {
        return [...parent::casts(), 'reckoning' => 'array'];
    }

    public static function dependents(): array
    {
        return [[PlaceWording::class, 'place_id'], [PlaceName::class, 'place_id'], [PlaceInside::class, 'place_id'],
            [PlaceInside::class, 'inside_id'],
            [PlaceChurch::class, 'place_id'], [PlaceChurch::class, 'church_id'], [Note::class, 'place_id'], [Task::class, 'place_id'],
            [GroupMember::class, 'place_id'], [Marking::class, 'place_id'], [MediaLink::class, 'place_id'],
            [Text::class, 'place_id'], [Join::class, 'kept_place_id']];
    }
}
