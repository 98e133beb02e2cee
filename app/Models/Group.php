<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * A group of the user's own; what it means is theirs.
 *
 * @property string $name
 * @property string $colour
 * @property string $meaning
 * @property int $position
 */
#[DescribedBy(GroupRow::class)]
#[Column('position', isSafe: true)]
final class Group extends TreeModel
{
    protected $table = 'groups';

    public static function dependents(): array
    {
        return [[GroupMember::class, 'group_id']];
    }
}
