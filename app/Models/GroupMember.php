<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * Something that belongs to a group.
 *
 * @property string $group_id
 * @property string|null $person_id
 * @property string $why
 */
#[DescribedBy(MemberRow::class)]
#[Column('group_id', isSafe: true)]
#[Column('union_id', isSafe: true)]
#[Column('event_id', isSafe: true)]
#[Column('source_id', isSafe: true)]
#[Column('place_id', isSafe: true)]
#[Column('why')]
final class GroupMember extends TreeModel
{
    protected $table = 'group_members';
}
