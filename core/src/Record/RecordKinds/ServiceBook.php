<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;

/** The postings of one man, a line each; place and time are the line's own. */
final class ServiceBook implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'service-book', 'Service book', 'service record postings keeper military muster regiment career',
            [
                Column::of('from', 'From', ColumnMeaning::From, 14), Column::of('until', 'Until', ColumnMeaning::Until, 14),
                Column::of('station', 'Station', ColumnMeaning::Abode, 24),
                Column::of('rank', 'Rank', ColumnMeaning::Trade, 20), Column::of('born', 'Born', ColumnMeaning::BirthDate, 14),
            ],
            [Role::of('keeper', RoleRelation::Principal, spelled: 'servant,man,soldier,sailor'),
                Role::acting('superintendent', 'officer', isAside: true)],
            isTall: true, heads: [Column::of('number', 'Number', ColumnMeaning::Number), Column::of('page', 'Page', ColumnMeaning::Page)],
        );
    }
}
