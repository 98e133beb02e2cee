<?php

declare(strict_types=1);

namespace App\Models;

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
final class MediaLink extends TreeModel
{
    protected $table = 'media_links';

    protected function casts(): array
    {
        return [...parent::casts(), 'view' => 'array'];
    }
}
