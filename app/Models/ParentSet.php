<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $child_id
 * @property string $union_id
 * @property bool $leads
 * @property string $kind
 * @property string $side
 * @property int $position
 * @property int $child_ordinal
 */
final class ParentSet extends TreeModel
{
    protected $table = 'parent_sets';

    public static function dependents(): array
    {
        return [[Parentage::class, 'parent_set_id'], [Kept::class, 'parent_set_id'], [Note::class, 'parent_set_id']];
    }
}
