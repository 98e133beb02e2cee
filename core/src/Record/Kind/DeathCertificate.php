<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;
use NorthBough\Core\Tree\Sex;

/** A civil certificate of death: physician, informant and registrar each know another part of it. */
final class DeathCertificate implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'death-certificate', 'Death certificate', 'civil registration died deceased registrar entry',
            [
                Column::of('died', 'Died', Meaning::DeathDate, 16), Column::of('where', 'Where died', Meaning::DeathPlace, 20), Column::of('sex', 'Sex', Meaning::Sex, 5),
                Column::of('age', 'Age', Meaning::Age, 7), Column::of('condition', 'Condition', Meaning::Condition, 10), Column::of('trade', 'Trade', Meaning::Trade, 18), Column::of('cause', 'Cause', Meaning::Words, 18),
            ],
            [
                Role::of('deceased', Tie::Principal, spelled: 'dead,died'),
                Role::of('husband', Tie::Partner, Sex::Male), Role::of('wife', Tie::Partner, Sex::Female, 'widow'),
                Role::of('father', Tie::Parent, Sex::Male), Role::of('mother', Tie::Parent, Sex::Female),
                Role::acting('informant'), Role::acting('physician', 'doctor,surgeon', isAside: true), Role::acting('registrar', isAside: true),
            ],
            event: 'death', heads: [Column::of('district', 'District', Meaning::Words), Column::of('entry', 'Entry', Meaning::Number)], isTall: true, delayDays: 14,
        );
    }
}
