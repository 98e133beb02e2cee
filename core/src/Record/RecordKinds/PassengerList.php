<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\RecordKind;

/** A list of those who sailed; parties travel together under their first. */
final class PassengerList implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'passenger-list', 'Passenger list', 'ship emigration voyage immigration steerage manifest',
            [
                Column::of('party', 'Party', ColumnMeaning::Number, 7), Column::of('relation', 'Relation', ColumnMeaning::Relation, 14),
                Column::of('age', 'Age', ColumnMeaning::Age, 7), Column::of('sex', 'Sex', ColumnMeaning::Sex, 5),
                Column::of('condition', 'Condition', ColumnMeaning::Condition, 10), Column::of('trade', 'Trade', ColumnMeaning::Trade, 20),
                Column::of('native', 'Native of', ColumnMeaning::BirthPlace, 22),
            ],
            HouseholdRoles::all(),
            event: 'emigration', eventIsOfAll: true,
            heads: [Column::of('vessel', 'Vessel', ColumnMeaning::Words), Column::of('for', 'Bound for', ColumnMeaning::Words)],
        );
    }
}
