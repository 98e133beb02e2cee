<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Two that became one: who was kept, who went, what was chosen.
 *
 * @property string|null $kept_person_id
 * @property string $gone_id
 * @property int|null $gone_number
 * @property array<string, mixed> $choices
 * @property list<array<string, mixed>> $merged
 * @property string|null $apart_by
 */
final class Join extends TreeModel
{
    protected $table = 'joins';

    protected function casts(): array
    {
        return [...parent::casts(), 'choices' => 'array', 'merged' => 'array'];
    }
}
