<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Sex;

/** A civil certificate of birth. The day of the record is that of the registration. */
final class BirthCertificate implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'birth-certificate', 'Birth certificate', 'civil registration born registrar entry',
            [
                Column::of('born', 'Born', ColumnMeaning::BirthDate, 18), Column::of('where', 'Where born', ColumnMeaning::BirthPlace, 24),
                Column::of('sex', 'Sex', ColumnMeaning::Sex, 6),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 20), Column::of('abode', 'Abode', ColumnMeaning::Abode, 22),
            ],
            [
                Role::of('child', RoleRelation::Principal, spelled: 'born,infant'),
                Role::of('father', RoleRelation::Parent, Sex::Male), Role::of('mother', RoleRelation::Parent, Sex::Female),
                Role::acting('informant'), Role::acting('registrar', isAside: true),
            ],
            event: 'birth',
            heads: [Column::of('district', 'District', ColumnMeaning::Words), Column::of('entry', 'Entry', ColumnMeaning::Number)],
            isTall: true, delayDays: 42,
        );
    }
}
