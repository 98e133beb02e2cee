<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Will or probate file. */
final class Will implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'will', 'Will or probate file', 'will probate testament estate administration', 'probate', ['archive', 'library', 'online'],
            ['original', 'image'],
            UsualFields::named('court', 'deceased', 'date', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'folio'),
            full: '[{court}, ]*{deceased}*[, proved {date}][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '[{court}, ]*{deceased}*[, {locator}]',
            bibliography: '[{court}. ]*{deceased}*[. {date}][. {holderNow}]',
        );
    }
}
