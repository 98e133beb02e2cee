<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;

/** Anything else that names people. */
final class Free implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'free', 'Any record', 'other free anything deed licence list',
            [Column::of('age', 'Age', Meaning::Age, 8), Column::of('abode', 'Abode', Meaning::Abode, 22), Column::of('trade', 'Trade', Meaning::Trade, 20), Column::of('says', 'What it says', Meaning::Words, 30)],
            [Role::of('named', Tie::Principal), ...KinNamed::roles(), Role::acting('witness'), Role::acting('informant')],
        );
    }
}
