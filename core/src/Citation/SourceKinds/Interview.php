<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Interview. */
final class Interview implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'interview', 'Interview', 'interview talk memory told oral recording', 'interview', ['home'], ['original', 'transcript'],
            UsualFields::named('teller', 'title', 'taker', 'place', 'date', 'holderNow', 'page'),
            full: '[{teller}, ]*{title}*[, taken down by {taker}][, {place}][, {date}][, {locator}][; {holderNow}]',
            short: '[{teller}, ]*{title}*[, {locator}]',
            bibliography: '[{teller}. ]*{title}*[. {date}]',
        );
    }
}
