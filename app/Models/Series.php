<?php

declare(strict_types=1);

namespace App\Models;

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
final class Series extends TreeModel
{
    protected $table = 'series';

    protected function casts(): array
    {
        return [...parent::casts(), 'gaps' => 'array'];
    }
}
