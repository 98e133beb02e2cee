<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * Two that became one: who was kept, who went, what was chosen.
 *
 * @property string|null $kept_person_id
 * @property string|null $kept_place_id
 * @property string|null $kept_source_id
 * @property string|null $kept_repository_id
 * @property string|null $kept_media_id
 * @property string $gone_id
 * @property int|null $gone_number
 * @property array<string, mixed> $choices
 * @property list<array<string, mixed>> $merged
 * @property string|null $apart_by
 */
#[Column('kept_person_id', isSafe: true)]
#[Column('kept_place_id', isSafe: true)]
#[Column('kept_source_id', isSafe: true)]
#[Column('kept_repository_id', isSafe: true)]
#[Column('kept_media_id', isSafe: true)]
#[Column('gone_id', isSafe: true)]
#[Column('gone_number', isSafe: true)]
#[Column('choices')]
#[Column('merged')]
#[Column('apart_by', isSafe: true)]
final class Join extends TreeModel
{
    protected $table = 'joins';

    protected function casts(): array
    {
        return [...parent::casts(), 'choices' => 'array', 'merged' => 'array'];
    }
}
