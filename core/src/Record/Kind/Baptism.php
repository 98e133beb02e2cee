<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;
use NorthBough\Core\Tree\Sex;

/** A baptism in a church register; born and baptised are two days. */
final class Baptism implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'baptism', 'Baptism', 'christening church parish register font',
            [
                Column::of('born', 'Born', Meaning::BirthDate, 16), Column::of('age', 'Age', Meaning::Age, 7, 'of grown people'),
                Column::of('sex', 'Sex', Meaning::Sex, 6), Column::of('abode', 'Abode', Meaning::Abode, 22), Column::of('trade', 'Trade', Meaning::Trade, 20),
            ],
            [
                Role::of('child', Tie::Principal, spelled: 'son,daughter,infant,baptised'),
                Role::of('father', Tie::Parent, Sex::Male), Role::of('mother', Tie::Parent, Sex::Female),
                Role::acting('godparent', 'sponsor,godfather,godmother'), Role::acting('witness'), Role::acting('informant'),
                Role::acting('minister', 'priest,vicar,curate,rector', isAside: true),
            ],
            event: 'baptism', heads: [Column::of('entry', 'Entry', Meaning::Number), Column::of('page', 'Page', Meaning::Page)],
        );
    }
}
