<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Book. */
final class Book implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'book', 'Book', 'book printed history genealogy published', 'book', ['library', 'home', 'online'], ['original', 'image'],
            UsualFields::named('author', 'title', 'edition', 'published', 'holderNow', 'call', 'page'),
            full: '[{author}, ]*{title}*[, {edition} edition][ ({published})][, {locator}]',
            short: '[{author}, ]*{title}*[, {locator}]',
            bibliography: '[{author}. ]*{title}*[. {edition} edition][. {published}]',
        );
    }
}
