<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\RecordKind;

/** Children born and living are counted, of the present marriage. */
final class Census1901 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1901', 'Marren census, 1901', 'census marren enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', ColumnMeaning::Relation, 12),
                Column::of('condition', 'Condition', ColumnMeaning::Condition, 8),
                Column::of('age', 'Age', ColumnMeaning::Age, 6),
                Column::of('sex', 'Sex', ColumnMeaning::Sex, 5),
                Column::of('married', 'Years married', ColumnMeaning::YearsMarried, 7),
                Column::of('children', 'Children born', ColumnMeaning::ChildrenBorn, 7),
                Column::of('living', 'Still living', ColumnMeaning::ChildrenLiving, 7),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 18),
                Column::of('born', 'Where born', ColumnMeaning::BirthPlace, 18),
            ],
            HouseholdRoles::all(),
            event: 'census', eventIsOfAll: true,
            heads: [
                Column::of('district', 'District', ColumnMeaning::Words), Column::of('schedule', 'Schedule', ColumnMeaning::Number),
                Column::of('street', 'Street or house', ColumnMeaning::Dwelling),
            ],
        );
    }
}
