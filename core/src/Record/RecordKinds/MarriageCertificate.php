<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;

/** A civil certificate of marriage; the fathers are named with their trades. */
final class MarriageCertificate implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'marriage-certificate', 'Marriage certificate', 'civil registration wedding registrar entry',
            MarriageForm::columns(), MarriageForm::roles(),
            event: 'marriage',
            heads: [Column::of('district', 'District', ColumnMeaning::Words), Column::of('entry', 'Entry', ColumnMeaning::Number)],
            isTall: true,
        );
    }
}
