<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Photograph or album. */
final class Photograph implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'photograph', 'Photograph or album', 'photograph picture album portrait postcard', 'photograph', ['home', 'archive', 'online'],
            ['original', 'image'],
            UsualFields::named('maker', 'subject', 'date', 'place', 'holders', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier',
                'page'),
            full: '[{maker}, ]*{subject}*[, {date}][, {place}][, {locator}][; {holders}][; {holderNow}[, {call}]][; seen as {seenAs}[, '
                .'made from {madeFrom}][, supplied by {supplier}]]',
            short: '*{subject}*[, {locator}]',
            bibliography: '[{maker}. ]*{subject}*[. {date}][. {holderNow}]',
        );
    }
}
