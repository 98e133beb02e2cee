<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $number
 * @property string $sex
 * @property string $said_dead_why
 */
final class Person extends TreeModel
{
    protected $table = 'people';

    public static function dependents(): array
    {
        return [Name::class => 'person_id', Event::class => 'person_id', ParentSet::class => 'child_id', Parentage::class => 'person_id', UnionPartner::class => 'person_id', Claim::class => 'person_id', Note::class => 'person_id', Kept::class => 'person_id', FileRef::class => 'person_id'];
    }
}
