<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A couple, or the bond of siblings.
 *
 * @property string $kind
 * @property bool $order_by_hand
 */
final class Union extends TreeModel
{
    protected $table = 'unions';

    public static function dependents(): array
    {
        return [[UnionPartner::class, 'union_id'], [ParentSet::class, 'union_id'], [Event::class, 'union_id'], [Claim::class, 'union_id'], [Note::class, 'union_id'], [Kept::class, 'union_id'], [FileRef::class, 'union_id'], [GroupMember::class, 'union_id'], [Marking::class, 'union_id'], [MediaLink::class, 'union_id'], [ClaimUse::class, 'union_id'], [Question::class, 'union_id'], [Task::class, 'union_id']];
    }
}
