<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Web page. */
final class WebPage implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'web-page', 'Web page', 'web page site internet online', 'web', ['online'], ['original'],
            UsualFields::named('author', 'title', 'site', 'address', 'viewed', 'item'),
            full: '[{author}, ]“{title}”[, *{site}*][, {address}][, seen {viewed}][, {locator}]',
            short: '[{author}, ]“{title}”[, {locator}]',
            bibliography: '[{author}. ]“{title}”[. *{site}*][. {address}]',
        );
    }
}
