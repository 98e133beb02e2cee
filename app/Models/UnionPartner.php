<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string $union_id
 * @property string $person_id
 * @property string $slot
 * @property string $side
 * @property int $position
 * @property int $person_ordinal
 * @property string $standing
 */
#[DescribedBy(UnionPartnerRow::class)]
#[Column('position', isSafe: true)]
#[Column('entered_for', isSafe: true)]
final class UnionPartner extends TreeModel
{
    protected $table = 'union_partners';

    /** @var array<string, mixed> */
    protected $attributes = ['side' => 'both', 'position' => 0, 'person_ordinal' => -1, 'ordinal' => -1, 'written' => '{}', 'version' => 1,
        'standing' => 'unweighed'];

    /** @return Builder<self> those who were not ruled out */
    public static function counting(): Builder
    {
        return self::query()->where('standing', '<>', 'ruled out');
    }

    public static function dependents(): array
    {
        return [[Kept::class, 'union_partner_id']];
    }
}
