<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;

/** A list of those who sailed; parties travel together under their first. */
final class PassengerList implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'passenger-list', 'Passenger list', 'ship emigration voyage immigration steerage manifest',
            [
                Column::of('party', 'Party', Meaning::Number, 7), Column::of('relation', 'Relation', Meaning::Relation, 14), Column::of('age', 'Age', Meaning::Age, 7), Column::of('sex', 'Sex', Meaning::Sex, 5),
                Column::of('condition', 'Condition', Meaning::Condition, 10), Column::of('trade', 'Trade', Meaning::Trade, 20), Column::of('native', 'Native of', Meaning::BirthPlace, 22),
            ],
            HouseholdRoles::all(),
            event: 'emigration', eventIsOfAll: true, heads: [Column::of('vessel', 'Vessel', Meaning::Words), Column::of('for', 'Bound for', Meaning::Words)],
        );
    }
}
