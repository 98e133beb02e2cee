<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Sex;

/** A baptism in a church register; born and baptised are two days. */
final class Baptism implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'baptism', 'Baptism', 'christening church parish register font',
            [
                Column::of('born', 'Born', ColumnMeaning::BirthDate, 16),
                Column::of('age', 'Age', ColumnMeaning::Age, 7, 'of grown people'),
                Column::of('sex', 'Sex', ColumnMeaning::Sex, 6), Column::of('abode', 'Abode', ColumnMeaning::Abode, 22),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 20),
            ],
            [
                Role::of('child', RoleRelation::Principal, spelled: 'son,daughter,infant,baptised'),
                Role::of('father', RoleRelation::Parent, Sex::Male), Role::of('mother', RoleRelation::Parent, Sex::Female),
                Role::acting('godparent', 'sponsor,godfather,godmother'), Role::acting('witness'), Role::acting('informant'),
                Role::acting('minister', 'priest,vicar,curate,rector', isAside: true),
            ],
            event: 'baptism', heads: [Column::of('entry', 'Entry', ColumnMeaning::Number), Column::of('page', 'Page', ColumnMeaning::Page)],
        );
    }
}
