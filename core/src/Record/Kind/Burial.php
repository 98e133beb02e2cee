<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;
use NorthBough\Core\Tree\Sex;

/** A burial in a church register; it bounds the death and is none. */
final class Burial implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'burial', 'Burial', 'funeral church parish register grave',
            [
                Column::of('age', 'Age', Meaning::Age, 8), Column::of('died', 'Died', Meaning::DeathDate, 16), Column::of('abode', 'Abode', Meaning::Abode, 26), Column::of('trade', 'Trade', Meaning::Trade, 20),
            ],
            [
                Role::of('buried', Tie::Principal, spelled: 'deceased,dead'),
                Role::of('husband', Tie::Partner, Sex::Male, 'husband of'), Role::of('wife', Tie::Partner, Sex::Female, 'wife of,widow'),
                Role::of('father', Tie::Parent, Sex::Male), Role::of('mother', Tie::Parent, Sex::Female),
                Role::acting('minister', 'priest,vicar,curate,rector', isAside: true),
            ],
            event: 'burial', heads: [Column::of('entry', 'Entry', Meaning::Number), Column::of('page', 'Page', Meaning::Page)],
        );
    }
}
