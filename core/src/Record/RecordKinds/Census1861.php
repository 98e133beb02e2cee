<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\RecordKind;

/** The birthplace is asked for the first time. */
final class Census1861 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1861', 'Marren census, 1861', 'census marren enumeration household schedule population return',
            [
                Column::of('relation', 'Relation', ColumnMeaning::Relation, 15),
                Column::of('condition', 'Condition', ColumnMeaning::Condition, 9),
                Column::of('age', 'Age', ColumnMeaning::Age, 7),
                Column::of('sex', 'Sex', ColumnMeaning::Sex, 6),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 22),
                Column::of('born', 'Where born', ColumnMeaning::BirthPlace, 22),
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
