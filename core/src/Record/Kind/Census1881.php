<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;

/** Years married are asked of wives. */
final class Census1881 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1881', 'Marren census, 1881', 'census marren enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', Meaning::Relation, 14),
                Column::of('condition', 'Condition', Meaning::Condition, 9),
                Column::of('married', 'Years married', Meaning::YearsMarried, 8),
                Column::of('age', 'Age', Meaning::Age, 7),
                Column::of('sex', 'Sex', Meaning::Sex, 5),
                Column::of('trade', 'Trade', Meaning::Trade, 20),
                Column::of('born', 'Where born', Meaning::BirthPlace, 20),
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
