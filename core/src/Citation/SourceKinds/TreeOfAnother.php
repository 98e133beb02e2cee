<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Another’s tree or file. */
final class TreeOfAnother implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'tree-of-another', 'Another’s tree or file', 'tree file pedigree researcher cousin online shared', 'web', ['online', 'home'],
            ['transcript'],
            UsualFields::named('compiler', 'title', 'date', 'address', 'supplier', 'item'),
            full: '[{compiler}, ]*{title}*[, {date}][, {address}][, {locator}]',
            short: '[{compiler}, ]*{title}*[, {locator}]',
            bibliography: '[{compiler}. ]*{title}*[. {date}]',
        );
    }
}
