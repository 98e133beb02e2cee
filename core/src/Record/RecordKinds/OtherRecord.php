<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;

/** Anything else that names people. */
final class OtherRecord implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'free', 'Any record', 'other free anything deed licence list',
            [Column::of('age', 'Age', ColumnMeaning::Age, 8), Column::of('abode', 'Abode', ColumnMeaning::Abode, 22),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 20), Column::of('says', 'What it says', ColumnMeaning::Words, 30)],
            [Role::of('named', RoleRelation::Principal), ...NamedKin::roles(), Role::acting('witness'), Role::acting('informant')],
        );
    }
}
