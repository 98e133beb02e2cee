<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Sex;

/** A civil certificate of death: physician, informant and registrar each know another part of it. */
final class DeathCertificate implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'death-certificate', 'Death certificate', 'civil registration died deceased registrar entry',
            [
                Column::of('died', 'Died', ColumnMeaning::DeathDate, 16), Column::of('where', 'Where died', ColumnMeaning::DeathPlace, 20),
                Column::of('sex', 'Sex', ColumnMeaning::Sex, 5),
                Column::of('age', 'Age', ColumnMeaning::Age, 7), Column::of('condition', 'Condition', ColumnMeaning::Condition, 10),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 18), Column::of('cause', 'Cause', ColumnMeaning::Words, 18),
            ],
            [
                Role::of('deceased', RoleRelation::Principal, spelled: 'dead,died'),
                Role::of('husband', RoleRelation::Partner, Sex::Male), Role::of('wife', RoleRelation::Partner, Sex::Female, 'widow'),
                Role::of('father', RoleRelation::Parent, Sex::Male), Role::of('mother', RoleRelation::Parent, Sex::Female),
                Role::acting('informant'), Role::acting('physician', 'doctor,surgeon', isAside: true),
                Role::acting('registrar', isAside: true),
            ],
            event: 'death',
            heads: [Column::of('district', 'District', ColumnMeaning::Words), Column::of('entry', 'Entry', ColumnMeaning::Number)],
            isTall: true, delayDays: 14,
        );
    }
}
