<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\RecordKind;

/** A household of a census of any realm and year, by the columns that most of them have. */
final class CensusHousehold implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-household', 'Census household', 'census enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', ColumnMeaning::Relation, 14),
                Column::of('condition', 'Condition', ColumnMeaning::Condition, 9),
                Column::of('age', 'Age', ColumnMeaning::Age, 7),
                Column::of('sex', 'Sex', ColumnMeaning::Sex, 5),
                Column::of('trade', 'Occupation', ColumnMeaning::Trade, 22),
                Column::of('born', 'Where born', ColumnMeaning::BirthPlace, 22),
            ],
            HouseholdRoles::all(),
            event: 'census', eventIsOfAll: true,
            heads: [
                Column::of('district', 'District', ColumnMeaning::Words),
                Column::of('schedule', 'Page or household', ColumnMeaning::Number),
                Column::of('street', 'Street or house', ColumnMeaning::Dwelling),
            ],
        );
    }
}
