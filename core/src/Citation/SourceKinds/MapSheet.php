<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Map or plan. */
final class MapSheet implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'map-sheet', 'Map or plan', 'map plan survey chart', 'book', ['library', 'archive', 'online'], ['original', 'image'],
            UsualFields::named('maker', 'title', 'published', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'sheet'),
            full: '[{maker}, ]*{title}*[ ({published})][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '*{title}*[, {locator}]',
            bibliography: '[{maker}. ]*{title}*[. {published}][. {holderNow}]',
        );
    }
}
