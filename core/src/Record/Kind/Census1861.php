<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;

/** The birthplace is asked for the first time. */
final class Census1861 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1861', 'Marren census, 1861', 'census marren enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', Meaning::Relation, 15),
                Column::of('condition', 'Condition', Meaning::Condition, 9),
                Column::of('age', 'Age', Meaning::Age, 7),
                Column::of('sex', 'Sex', Meaning::Sex, 6),
                Column::of('trade', 'Trade', Meaning::Trade, 22),
                Column::of('born', 'Where born', Meaning::BirthPlace, 22),
            ],
            HouseholdRoles::all(),
            event: 'census', eventIsOfAll: true,
            heads: [
                Column::of('district', 'District', Meaning::Words), Column::of('schedule', 'Schedule', Meaning::Number),
                Column::of('street', 'Street or house', Meaning::Dwelling),
            ],
        );
    }
}
