<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Deed or lease. */
final class LandDeed implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'land-deed', 'Deed or lease', 'land deed lease sale property conveyance', 'land', ['archive', 'library', 'online'],
            ['original', 'image'],
            UsualFields::named('parties', 'date', 'place', 'series', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'folio'),
            full: '{parties}[, {date}][, {place}][, {locator}][; {series}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '{parties}[, {date}][, {locator}]',
            bibliography: '[{series}][. {holderNow}]',
        );
    }
}
