<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Who somebody is in a connected archive, and what was seen there last.
 *
 * @property string $person_id
 * @property string $service
 * @property string $outside_id
 * @property array<string, mixed> $seen
 */
final class OutsideLink extends TreeModel
{
    protected $table = 'outside_links';

    protected function casts(): array
    {
        return [...parent::casts(), 'seen' => 'array'];
    }
}
