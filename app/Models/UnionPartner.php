<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $union_id
 * @property string $person_id
 * @property string $slot
 * @property string $side
 * @property int $position
 * @property int $person_ordinal
 */
final class UnionPartner extends TreeModel
{
    protected $table = 'union_partners';

    public static function dependents(): array
    {
        return [[Kept::class, 'union_partner_id']];
    }
}
