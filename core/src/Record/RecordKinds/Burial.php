<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Sex;

/** A burial in a church register; it bounds the death and is none. */
final class Burial implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'burial', 'Burial', 'funeral church parish register grave',
            [
                Column::of('age', 'Age', ColumnMeaning::Age, 8), Column::of('died', 'Died', ColumnMeaning::DeathDate, 16),
                Column::of('abode', 'Abode', ColumnMeaning::Abode, 26), Column::of('trade', 'Trade', ColumnMeaning::Trade, 20),
            ],
            [
                Role::of('buried', RoleRelation::Principal, spelled: 'deceased,dead'),
                Role::of('husband', RoleRelation::Partner, Sex::Male, 'husband of'),
                Role::of('wife', RoleRelation::Partner, Sex::Female, 'wife of,widow'),
                Role::of('father', RoleRelation::Parent, Sex::Male), Role::of('mother', RoleRelation::Parent, Sex::Female),
                Role::acting('minister', 'priest,vicar,curate,rector', isAside: true),
            ],
            event: 'burial', heads: [Column::of('entry', 'Entry', ColumnMeaning::Number), Column::of('page', 'Page', ColumnMeaning::Page)],
        );
    }
}
