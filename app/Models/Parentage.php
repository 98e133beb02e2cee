<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string $parent_set_id
 * @property string $person_id
 * @property string $kind
 * @property string $standing
 * @property string $proof
 * @property string $kind_words
 * @property string $years
 */
#[DescribedBy(ParentageRow::class)]
#[Column('entered_for', isSafe: true)]
final class Parentage extends TreeModel
{
    protected $table = 'parentages';

    /** @return Builder<self> those who were not ruled out */
    public static function counting(): Builder
    {
        return self::query()->where('standing', '<>', 'ruled out');
    }

    /** @return Builder<self> those who count where one answer is needed: neither rivals nor ruled out */
    public static function leading(): Builder
    {
        return self::query()->whereIn('standing', ['accepted', 'unweighed']);
    }

    /** @return Builder<self> the ties of a child to one parent, those that were ruled out among them */
    public static function between(string $childId, string $parentId): Builder
    {
        return self::query()->where('person_id', $parentId)
            ->whereIn('parent_set_id', ParentSet::query()->where('child_id', $childId)->select('id'));
    }

    public static function dependents(): array
    {
        return [[ClaimUse::class, 'parentage_id'], [RestsOn::class, 'deciding_parentage_id']];
    }
}
