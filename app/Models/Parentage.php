<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $parent_set_id
 * @property string $person_id
 * @property string $kind
 * @property string $standing
 * @property string $proof
 * @property string $kind_words
 * @property string $years
 */
final class Parentage extends TreeModel
{
    protected $table = 'parentages';

    public static function dependents(): array
    {
        return [[ClaimUse::class, 'parentage_id'], [RestsOn::class, 'deciding_parentage_id']];
    }
}
