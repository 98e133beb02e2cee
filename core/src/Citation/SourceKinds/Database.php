<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Database or online index. */
final class Database implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'database', 'Database or online index', 'database index online search collection', 'database', ['online'],
            ['index', 'transcript'],
            UsualFields::named('compiler', 'title', 'site', 'address', 'viewed', 'madeFrom', 'item'),
            full: '[{compiler}, ]*{title}*[, {locator}][; {site}][, {address}][, seen {viewed}][; made from {madeFrom}]',
            short: '*{title}*[, {locator}]',
            bibliography: '[{compiler}. ]*{title}*[. {site}]',
        );
    }
}
