<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** What fits no other kind: author, title, publication. */
final class AnySource implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'any-source', 'Any source', 'any other free something', 'book', ['archive', 'library', 'home', 'online', 'place'],
            ['original', 'image', 'transcript', 'index'],
            UsualFields::named('author', 'title', 'published', 'holderNow', 'call', 'page'),
            full: '[{author}, ]*{title}*[ ({published})][, {locator}][; {holderNow}]',
            short: '[{author}, ]*{title}*[, {locator}]',
            bibliography: '[{author}. ]*{title}*[. {published}][. {holderNow}]',
        );
    }
}
