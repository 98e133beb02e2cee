<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;

/** A household of a census of any realm and year, by the columns that most of them have. */
final class CensusHousehold implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-household', 'Census household', 'census enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', Meaning::Relation, 14),
                Column::of('condition', 'Condition', Meaning::Condition, 9),
                Column::of('age', 'Age', Meaning::Age, 7),
                Column::of('sex', 'Sex', Meaning::Sex, 5),
                Column::of('trade', 'Occupation', Meaning::Trade, 22),
                Column::of('born', 'Where born', Meaning::BirthPlace, 22),
            ],
            HouseholdRoles::all(),
            event: 'census', eventIsOfAll: true,
            heads: [
                Column::of('district', 'District', Meaning::Words), Column::of('schedule', 'Page or household', Meaning::Number),
                Column::of('street', 'Street or house', Meaning::Dwelling),
            ],
        );
    }
}
