<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;

/** A letter and whom it names. */
final class Letter implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'letter', 'Letter', 'correspondence post private note',
            [Column::of('says', 'What it says', ColumnMeaning::Words, 46), Column::of('abode', 'At', ColumnMeaning::Abode, 22)],
            [Role::acting('writer', 'author,from'), Role::of('receiver', RoleRelation::Principal, spelled: 'to'), ...NamedKin::roles(),
                Role::of('named', RoleRelation::None)],
            isTall: true,
        );
    }
}
