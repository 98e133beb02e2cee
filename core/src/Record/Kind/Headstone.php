<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;

/** What a stone says; who put it up was alive. */
final class Headstone implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'headstone', 'Headstone', 'grave stone cemetery churchyard inscription monument',
            [
                Column::of('born', 'Born', Meaning::BirthDate, 18), Column::of('died', 'Died', Meaning::DeathDate, 18), Column::of('age', 'Age', Meaning::Age, 8),
                Column::of('text', 'Further words', Meaning::Words, 34),
            ],
            [Role::of('buried', Tie::Principal, spelled: 'in memory of,here lies'), ...KinNamed::roles(), Role::acting('erected by', 'put up by')],
            isTall: true, heads: [Column::of('plot', 'Plot', Meaning::Words)],
        );
    }
}
