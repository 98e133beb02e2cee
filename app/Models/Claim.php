<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $record_id
 * @property string $words
 * @property string $quality
 * @property bool $taken_over
 * @property string|null $person_id
 * @property string|null $name_id
 * @property string|null $event_id
 * @property string|null $union_id
 */
final class Claim extends TreeModel
{
    protected $table = 'claims';

    public static function dependents(): array
    {
        return [[Kept::class, 'claim_id'], [ClaimUse::class, 'claim_id'], [Point::class, 'claim_id'], [RestsOn::class, 'claim_id']];
    }
}
