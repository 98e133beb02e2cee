<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;

/** The postings of one man, a line each; place and time are the line's own. */
final class ServiceBook implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'service-book', 'Service book', 'service record postings keeper military muster regiment career',
            [
                Column::of('from', 'From', Meaning::From, 14), Column::of('until', 'Until', Meaning::Until, 14), Column::of('station', 'Station', Meaning::Abode, 24),
                Column::of('rank', 'Rank', Meaning::Trade, 20), Column::of('born', 'Born', Meaning::BirthDate, 14),
            ],
            [Role::of('keeper', Tie::Principal, spelled: 'servant,man,soldier,sailor'), Role::acting('superintendent', 'officer', isAside: true)],
            isTall: true, heads: [Column::of('number', 'Number', Meaning::Number), Column::of('page', 'Page', Meaning::Page)],
        );
    }
}
