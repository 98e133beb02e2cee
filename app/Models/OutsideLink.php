<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * Who somebody is in a connected archive, and what was seen there last.
 *
 * @property string $person_id
 * @property string $service
 * @property string $outside_id
 * @property array<string, mixed> $seen
 */
#[Column('person_id', isSafe: true)]
#[Column('service')]
#[Column('outside_id', isSafe: true)]
#[Column('seen')]
final class OutsideLink extends TreeModel
{
    protected $table = 'outside_links';

    protected function casts(): array
    {
        return [...parent::casts(), 'seen' => 'array'];
    }
}
