<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Chrono\AgeConvention;
use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\RecordKind;

/** Names, rounded ages and trades; no relation is asked. */
final class Census1841 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1841', 'Marren census, 1841', 'census marren enumeration household schedule population return',
            [
                Column::of('age', 'Age', ColumnMeaning::Age, 8, 'over fifteen, rounded down to a five'),
                Column::of('sex', 'Sex', ColumnMeaning::Sex, 6),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 30),
                Column::of('native', 'Born here', ColumnMeaning::Words, 12, 'Y or N'),
            ],
            HouseholdRoles::all(),
            event: 'census', eventIsOfAll: true,
            heads: [
                Column::of('district', 'District', ColumnMeaning::Words), Column::of('schedule', 'Schedule', ColumnMeaning::Number),
                Column::of('street', 'Street or house', ColumnMeaning::Dwelling),
            ],
            ageConvention: AgeConvention::Rounded,
        );
    }
}
