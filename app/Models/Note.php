<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $text
 * @property bool $is_research
 */
final class Note extends TreeModel
{
    protected $table = 'notes';

    public static function dependents(): array
    {
        return [[Kept::class, 'note_id']];
    }
}
