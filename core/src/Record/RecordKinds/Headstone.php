<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;

/** What a stone says; who put it up was alive. */
final class Headstone implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'headstone', 'Headstone', 'grave stone cemetery churchyard inscription monument',
            [
                Column::of('born', 'Born', ColumnMeaning::BirthDate, 18), Column::of('died', 'Died', ColumnMeaning::DeathDate, 18),
                Column::of('age', 'Age', ColumnMeaning::Age, 8),
                Column::of('text', 'Further words', ColumnMeaning::Words, 34),
            ],
            [Role::of('buried', RoleRelation::Principal, spelled: 'in memory of,here lies'), ...NamedKin::roles(),
                Role::acting('erected by', 'put up by')],
            isTall: true, heads: [Column::of('plot', 'Plot', ColumnMeaning::Words)],
        );
    }
}
