<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Census. */
final class CensusPage implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'census-page', 'Census', 'enumeration household population schedule return', 'census', ['archive', 'library', 'online'],
            ['original', 'image'],
            UsualFields::named('keeper', 'title', 'series', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'sheet', 'household',
                'page'),
            full: '[{keeper}, ]*{title}*[ ({series})][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from {madeFrom}][, '
                .'supplied by {supplier}]]',
            short: '[{keeper}, ]*{title}*[, {locator}]',
            bibliography: '[{keeper}. ]*{title}*[. {series}][. {holderNow}]',
        );
    }
}
