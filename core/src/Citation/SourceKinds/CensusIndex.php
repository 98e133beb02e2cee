<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Census index or transcript. */
final class CensusIndex implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'census-index', 'Census index or transcript', 'census index transcript household', 'census', ['online', 'library'],
            ['index', 'transcript'],
            UsualFields::named('compiler', 'title', 'published', 'site', 'address', 'viewed', 'page'),
            full: '[{compiler}, ]*{title}*[ ({published})][, {locator}][; {site}][, {address}][, seen {viewed}]',
            short: '[{compiler}, ]*{title}*[, {locator}]',
            bibliography: '[{compiler}. ]*{title}*[. {published}][. {site}]',
        );
    }
}
