<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Index of civil registration. */
final class CivilIndex implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'civil-index', 'Index of civil registration', 'birth death marriage index quarter volume', 'civil', ['online', 'library'],
            ['index'],
            UsualFields::named('keeper', 'title', 'years', 'site', 'address', 'viewed', 'page'),
            full: '[{keeper}, ]*{title}*[ ({years})][, {locator}][; index at {site}][, {address}][, seen {viewed}]',
            short: '[{keeper}, ]*{title}*, index[, {locator}]',
            bibliography: '[{keeper}. ]*{title}*[. {years}][. {site}]',
        );
    }
}
