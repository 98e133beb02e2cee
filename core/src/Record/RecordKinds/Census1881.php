<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\RecordKind;

/** Years married are asked of wives. */
final class Census1881 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1881', 'Marren census, 1881', 'census marren enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', ColumnMeaning::Relation, 14),
                Column::of('condition', 'Condition', ColumnMeaning::Condition, 9),
                Column::of('married', 'Years married', ColumnMeaning::YearsMarried, 8),
                Column::of('age', 'Age', ColumnMeaning::Age, 7),
                Column::of('sex', 'Sex', ColumnMeaning::Sex, 5),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 20),
                Column::of('born', 'Where born', ColumnMeaning::BirthPlace, 20),
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
