<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\DateColumns;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Stored\Column;

/**
 * Something that happened around the people of a tree, and to none of them.
 *
 * @property string $words
 * @property GenDate $date
 * @property string $date_typed
 * @property string $place_typed
 */
#[Column('words', 'words')]
#[Column('date_typed', 'when')]
#[Column('place_typed', 'where')]
final class WorldEvent extends TreeModel
{
    protected $table = 'world_events';

    protected function casts(): array
    {
        return [...parent::casts(), 'date' => DateColumns::class];
    }
}
