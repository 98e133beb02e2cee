<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Something that belongs to a group.
 *
 * @property string $group_id
 * @property string|null $person_id
 * @property string $why
 */
final class GroupMember extends TreeModel
{
    protected $table = 'group_members';
}
