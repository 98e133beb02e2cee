<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\RecordKind;

/** The tongue that is spoken is asked as well. */
final class Census1891 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1891', 'Marren census, 1891', 'census marren enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', ColumnMeaning::Relation, 14),
                Column::of('condition', 'Condition', ColumnMeaning::Condition, 9),
                Column::of('married', 'Years married', ColumnMeaning::YearsMarried, 8),
                Column::of('age', 'Age', ColumnMeaning::Age, 7),
                Column::of('sex', 'Sex', ColumnMeaning::Sex, 5),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 18),
                Column::of('born', 'Where born', ColumnMeaning::BirthPlace, 18),
                Column::of('tongue', 'Tongue', ColumnMeaning::Words, 9),
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
