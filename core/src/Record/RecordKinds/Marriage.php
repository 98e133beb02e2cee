<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;

/** A wedding in a church register. */
final class Marriage implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'marriage', 'Marriage', 'wedding church parish register banns',
            MarriageForm::columns(), MarriageForm::roles(),
            event: 'marriage',
            heads: [Column::of('entry', 'Entry', ColumnMeaning::Number), Column::of('page', 'Page', ColumnMeaning::Page)],
        );
    }
}
