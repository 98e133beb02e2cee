<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;

/** A civil certificate of marriage; the fathers are named with their trades. */
final class MarriageCertificate implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'marriage-certificate', 'Marriage certificate', 'civil registration wedding registrar entry',
            MarriageForm::columns(), MarriageForm::roles(),
            event: 'marriage', heads: [Column::of('district', 'District', Meaning::Words), Column::of('entry', 'Entry', Meaning::Number)], isTall: true,
        );
    }
}
