<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Article or chapter. */
final class BookChapter implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'book-chapter', 'Article or chapter', 'article chapter journal periodical magazine paper', 'book', ['library', 'online'],
            ['original', 'image'],
            UsualFields::named('author', 'article', 'journal', 'issue', 'published', 'address', 'page'),
            full: '[{author}, ]“{article}”[, *{journal}*][, {issue}][ ({published})][, {locator}][, {address}]',
            short: '[{author}, ]“{article}”[, {locator}]',
            bibliography: '[{author}. ]“{article}”[. *{journal}*][, {issue}][. {published}]',
        );
    }
}
