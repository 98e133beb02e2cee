<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;

/** A notice of a death in a newspaper, with the kin that it names. */
final class Obituary implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'obituary', 'Obituary', 'newspaper death notice press funeral',
            [
                Column::of('died', 'Died', Meaning::DeathDate, 16), Column::of('where', 'Where died', Meaning::DeathPlace, 18), Column::of('age', 'Age', Meaning::Age, 8),
                Column::of('abode', 'Of', Meaning::Abode, 20), Column::of('trade', 'Trade', Meaning::Trade, 20),
            ],
            [Role::of('deceased', Tie::Principal, spelled: 'dead,the late'), ...KinNamed::roles(), Role::acting('writer', isAside: true)],
            event: 'death', isTall: true, heads: [Column::of('page', 'Page', Meaning::Page)],
        );
    }
}
