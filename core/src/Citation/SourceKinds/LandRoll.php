<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Land, tax or valuation roll. */
final class LandRoll implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'land-roll', 'Land, tax or valuation roll', 'land tax tithe valuation rate hearth rental', 'land',
            ['archive', 'library', 'online'], ['original', 'image'],
            UsualFields::named('keeper', 'title', 'volume', 'years', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'page'),
            full: '[{keeper}, ]*{title}*[, {volume}][ ({years})][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '[{keeper}, ]*{title}*[, {locator}]',
            bibliography: '[{keeper}. ]*{title}*[, {volume}][. {years}][. {holderNow}]',
        );
    }
}
