<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as QueryBuilder;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string $child_id
 * @property string $union_id
 * @property bool $leads
 * @property string $kind
 * @property string $side
 * @property int $position
 * @property int $child_ordinal
 */
#[DescribedBy(ParentSetRow::class)]
#[Column('position', isSafe: true)]
#[Column('entered_for', isSafe: true)]
final class ParentSet extends TreeModel
{
    protected $table = 'parent_sets';

    /** @return Builder<self> those of which not every parent was ruled out; of parents who are not known too */
    public static function counting(): Builder
    {
        $parents = static fn (QueryBuilder $query) => $query->selectRaw('1')->from('parentages')
            ->whereColumn('parentages.tree_id', 'parent_sets.tree_id')->whereColumn('parentages.parent_set_id', 'parent_sets.id');

        return self::query()->where(static fn (Builder $either) => $either->whereNotExists($parents)
            ->orWhereExists(static fn (QueryBuilder $query) => $parents($query)->where('parentages.standing', '<>', 'ruled out')));
    }

    public static function dependents(): array
    {
        return [[Parentage::class, 'parent_set_id'], [Kept::class, 'parent_set_id'], [Note::class, 'parent_set_id']];
    }
}
