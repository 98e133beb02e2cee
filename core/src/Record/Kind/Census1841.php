<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Chrono\AgeTelling;
use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\HouseholdRoles;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;

/** Names, rounded ages and trades; no relation is asked. */
final class Census1841 implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'census-1841', 'Marren census, 1841', 'census marren enumeration household schedule population return',
            [
                Column::of('age', 'Age', Meaning::Age, 8, 'over fifteen, rounded down to a five'),
                Column::of('sex', 'Sex', Meaning::Sex, 6),
                Column::of('trade', 'Trade', Meaning::Trade, 30),
                Column::of('native', 'Born here', Meaning::Words, 12, 'Y or N'),
            ],
            HouseholdRoles::all(),
            event: 'census', eventIsOfAll: true,
            heads: [
                Column::of('district', 'District', Meaning::Words), Column::of('schedule', 'Schedule', Meaning::Number),
                Column::of('street', 'Street or house', Meaning::Dwelling),
            ],
            telling: AgeTelling::Rounded,
        );
    }
}
