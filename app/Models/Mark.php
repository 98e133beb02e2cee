<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A coloured mark of the user's own.
 *
 * @property string $name
 * @property string $colour
 * @property string $meaning
 * @property int $position
 */
final class Mark extends TreeModel
{
    protected $table = 'marks';

    public static function dependents(): array
    {
        return [[Marking::class, 'mark_id']];
    }
}
