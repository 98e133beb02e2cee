<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Grants of land. */
final class LandGrant implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'land-grant', 'Grants of land', 'land grant colony settlement', 'land', ['archive', 'library', 'online'], ['original', 'image'],
            UsualFields::named('keeper', 'title', 'volume', 'years', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'folio',
                'entry'),
            full: '[{keeper}, ]*{title}*[, {volume}][ ({years})][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '[{keeper}, ]*{title}*[, {locator}]',
            bibliography: '[{keeper}. ]*{title}*[, {volume}][. {years}][. {holderNow}]',
        );
    }
}
