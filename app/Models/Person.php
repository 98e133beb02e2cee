<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property int $number
 * @property string $sex
 * @property string $said_dead_why
 * @property string $restriction
 */
#[DescribedBy(PersonRow::class)]
#[Column('said_dead_why', 'why they count as dead')]
final class Person extends TreeModel
{
    protected $table = 'people';

    public static function dependents(): array
    {
        return [[Name::class, 'person_id'], [Event::class, 'person_id'], [ParentSet::class, 'child_id'], [Parentage::class, 'person_id'],
            [UnionPartner::class, 'person_id'], [Claim::class, 'person_id'], [Note::class, 'person_id'], [Kept::class, 'person_id'],
            [FileRef::class, 'person_id'], [EventRole::class, 'person_id'], [GroupMember::class, 'person_id'],
            [Marking::class, 'person_id'], [Placing::class, 'person_id'], [MediaLink::class, 'person_id'], [Region::class, 'person_id'],
            [Question::class, 'person_id'], [Question::class, 'other_person_id'], [Alternative::class, 'person_id'],
            [SearchPerson::class, 'person_id'], [Task::class, 'person_id'], [WorkingSetPerson::class, 'person_id'],
            [Drawing::class, 'person_id'], [Text::class, 'person_id'], [OutsideLink::class, 'person_id'], [Join::class, 'kept_person_id']];
    }

    public static function nullOnDelete(): array
    {
        return [[Claim::class, 'informant_id']];
    }
}
