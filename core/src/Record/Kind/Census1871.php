<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;

/** Infirmities are asked as well. */
final class Census1871 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1871', 'Marren census, 1871', 'census marren enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', Meaning::Relation, 15),
                Column::of('condition', 'Condition', Meaning::Condition, 9),
                Column::of('age', 'Age', Meaning::Age, 7),
                Column::of('sex', 'Sex', Meaning::Sex, 6),
                Column::of('trade', 'Trade', Meaning::Trade, 20),
                Column::of('born', 'Where born', Meaning::BirthPlace, 20),
                Column::of('infirm', 'Infirmity', Meaning::Words, 10),
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
