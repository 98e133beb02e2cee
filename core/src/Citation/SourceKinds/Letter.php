<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Letter or letters. */
final class Letter implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'letter', 'Letter or letters', 'letter correspondence postcard telegram', 'letter', ['home', 'archive'], ['original', 'image'],
            UsualFields::named('author', 'title', 'to', 'date', 'holders', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'page'),
            full: '[{author}, ]*{title}*[, to {to}][, {date}][, {locator}][; {holders}][; {holderNow}[, {call}]][; seen as {seenAs}[, '
                .'made from {madeFrom}][, supplied by {supplier}]]',
            short: '[{author}, ]*{title}*[, {locator}]',
            bibliography: '[{author}. ]*{title}*[. {holderNow}]',
        );
    }
}
