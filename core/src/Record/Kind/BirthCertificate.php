<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;
use NorthBough\Core\Tree\Sex;

/** A civil certificate of birth. The day of the record is that of the registration. */
final class BirthCertificate implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'birth-certificate', 'Birth certificate', 'civil registration born registrar entry',
            [
                Column::of('born', 'Born', Meaning::BirthDate, 18), Column::of('where', 'Where born', Meaning::BirthPlace, 24), Column::of('sex', 'Sex', Meaning::Sex, 6),
                Column::of('trade', 'Trade', Meaning::Trade, 20), Column::of('abode', 'Abode', Meaning::Abode, 22),
            ],
            [
                Role::of('child', Tie::Principal, spelled: 'born,infant'),
                Role::of('father', Tie::Parent, Sex::Male), Role::of('mother', Tie::Parent, Sex::Female),
                Role::acting('informant'), Role::acting('registrar', isAside: true),
            ],
            event: 'birth', heads: [Column::of('district', 'District', Meaning::Words), Column::of('entry', 'Entry', Meaning::Number)], isTall: true, delayDays: 42,
        );
    }
}
