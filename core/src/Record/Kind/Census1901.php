<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;

/** Children born and living are counted, of the present marriage. */
final class Census1901 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1901', 'Marren census, 1901', 'census marren enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', Meaning::Relation, 12),
                Column::of('condition', 'Condition', Meaning::Condition, 8),
                Column::of('age', 'Age', Meaning::Age, 6),
                Column::of('sex', 'Sex', Meaning::Sex, 5),
                Column::of('married', 'Years married', Meaning::YearsMarried, 7),
                Column::of('children', 'Children born', Meaning::ChildrenBorn, 7),
                Column::of('living', 'Still living', Meaning::ChildrenLiving, 7),
                Column::of('trade', 'Trade', Meaning::Trade, 18),
                Column::of('born', 'Where born', Meaning::BirthPlace, 18),
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
