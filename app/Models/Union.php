<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\UnionRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * A couple, or the bond of siblings.
 *
 * @property string $kind in the user's words
 * @property string $surname_custom code of a NamingCustom; empty is that of the tree
 * @property bool $order_by_hand
 */
#[DescribedBy(UnionRow::class)]
#[Column('kind', 'kind', isSafe: true)]
#[Column('order_by_hand', isSafe: true)]
#[Column('surname_custom', isSafe: true)]
final class Union extends TreeModel
{
    protected $table = 'unions';

    /** @var array<string, mixed> */
    protected $attributes = ['ordinal' => -1, 'written' => '{}', 'version' => 1, 'kind' => '', 'surname_custom' => ''];

    public static function dependents(): array
    {
        return [[UnionPartner::class, 'union_id'], [ParentSet::class, 'union_id'], [Event::class, 'union_id'], [Claim::class, 'union_id'],
            [Note::class, 'union_id'], [Kept::class, 'union_id'], [FileRef::class, 'union_id'], [GroupMember::class, 'union_id'],
            [Marking::class, 'union_id'], [MediaLink::class, 'union_id'], [ClaimUse::class, 'union_id'], [Question::class, 'union_id'],
            [Task::class, 'union_id'], [Text::class, 'union_id']];
    }
}
