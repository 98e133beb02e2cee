<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;

/** The tongue that is spoken is asked as well. */
final class Census1891 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1891', 'Marren census, 1891', 'census marren enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', Meaning::Relation, 14),
                Column::of('condition', 'Condition', Meaning::Condition, 9),
                Column::of('married', 'Years married', Meaning::YearsMarried, 8),
                Column::of('age', 'Age', Meaning::Age, 7),
                Column::of('sex', 'Sex', Meaning::Sex, 5),
                Column::of('trade', 'Trade', Meaning::Trade, 18),
                Column::of('born', 'Where born', Meaning::BirthPlace, 18),
                Column::of('tongue', 'Tongue', Meaning::Words, 9),
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
