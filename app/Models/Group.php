<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A group of the user's own; what it means is theirs.
 *
 * @property string $name
 * @property string $colour
 * @property string $meaning
 * @property int $position
 */
final class Group extends TreeModel
{
    protected $table = 'groups';

    public static function dependents(): array
    {
        return [[GroupMember::class, 'group_id']];
    }
}
