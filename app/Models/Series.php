<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * A series of records: where, from when to when, with which gaps.
 *
 * @property string $name
 * @property string|null $place_id
 * @property string|null $repository_id
 * @property string $kind
 * @property list<array<string, mixed>> $gaps
 * @property bool $is_complete
 */
#[Column('name', 'name')]
#[Column('place_id', isSafe: true)]
#[Column('repository_id', isSafe: true)]
#[Column('kind', 'kind', isSafe: true)]
#[Column('from_typed')]
#[Column('to_typed')]
#[Column('from_day', isSafe: true)]
#[Column('to_day', isSafe: true)]
#[Column('gaps')]
#[Column('is_complete', isSafe: true)]
final class Series extends TreeModel
{
    protected $table = 'series';

    protected function casts(): array
    {
        return [...parent::casts(), 'gaps' => 'array'];
    }
}
