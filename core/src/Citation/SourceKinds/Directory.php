<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Directory or roll of electors. */
final class Directory implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'directory', 'Directory or roll of electors', 'directory electors voters trade telephone street', 'directory',
            ['library', 'online'], ['original', 'image'],
            UsualFields::named('author', 'title', 'published', 'holderNow', 'call', 'page'),
            full: '[{author}, ]*{title}*[ ({published})][, {locator}][; {holderNow}[, {call}]]',
            short: '*{title}*[, {locator}]',
            bibliography: '[{author}. ]*{title}*[. {published}]',
        );
    }
}
