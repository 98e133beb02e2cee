<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Printed or typed transcript. */
final class Transcript implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'transcript', 'Printed or typed transcript', 'transcript copy abstract index published register', 'book', ['library', 'online'],
            ['transcript', 'index'],
            UsualFields::named('compiler', 'title', 'published', 'madeFrom', 'holderNow', 'call', 'page'),
            full: '[{compiler}, ]*{title}*[ ({published})][, {locator}][; made from {madeFrom}][; {holderNow}[, {call}]]',
            short: '[{compiler}, ]*{title}*[, {locator}]',
            bibliography: '[{compiler}. ]*{title}*[. {published}]',
        );
    }
}
