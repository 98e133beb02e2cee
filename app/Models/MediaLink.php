<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * A picture or file on something.
 *
 * @property string $media_id
 * @property string|null $person_id
 * @property string|null $record_id
 * @property string|null $event_id
 * @property string|null $place_id
 * @property int $position
 * @property bool $is_main
 * @property array<string, mixed>|null $view
 * @property string|null $entered_for
 */
#[Column('media_id', isSafe: true)]
#[Column('person_id', isSafe: true)]
#[Column('event_id', isSafe: true)]
#[Column('union_id', isSafe: true)]
#[Column('place_id', isSafe: true)]
#[Column('source_id', isSafe: true)]
#[Column('record_id', isSafe: true)]
#[Column('position', isSafe: true)]
#[Column('is_main', isSafe: true)]
#[Column('view')]
#[Column('entered_for', isSafe: true)]
final class MediaLink extends TreeModel
{
    protected $table = 'media_links';

    protected function casts(): array
    {
        return [...parent::casts(), 'view' => 'array'];
    }
}
