<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;

/** A notice of a death in a newspaper, with the kin that it names. */
final class Obituary implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'obituary', 'Obituary', 'newspaper death notice press funeral',
            [
                Column::of('died', 'Died', ColumnMeaning::DeathDate, 16), Column::of('where', 'Where died', ColumnMeaning::DeathPlace, 18),
                Column::of('age', 'Age', ColumnMeaning::Age, 8),
                Column::of('abode', 'Of', ColumnMeaning::Abode, 20), Column::of('trade', 'Trade', ColumnMeaning::Trade, 20),
            ],
            [Role::of('deceased', RoleRelation::Principal, spelled: 'dead,the late'), ...NamedKin::roles(),
                Role::acting('writer', isAside: true)],
            event: 'death', isTall: true, heads: [Column::of('page', 'Page', ColumnMeaning::Page)],
        );
    }
}
