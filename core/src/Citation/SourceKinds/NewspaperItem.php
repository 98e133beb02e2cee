<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Newspaper. */
final class NewspaperItem implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'newspaper-item', 'Newspaper', 'newspaper press obituary notice advertisement report death', 'newspaper',
            ['library', 'online', 'home'], ['original', 'image'],
            UsualFields::named('article', 'title', 'place', 'seenAs', 'madeFrom', 'supplier', 'holderNow', 'call', 'site', 'address',
                'viewed', 'issueDate', 'page', 'column'),
            full: '[“{article},” ]*{title}*[ ({place})][, {locator}][; {holderNow}[, {call}]][; {site}][, {address}][, seen {viewed}][; '
                .'seen as {seenAs}[, made from {madeFrom}][, supplied by {supplier}]]',
            short: '*{title}*[, {locator}]',
            bibliography: '*{title}*[. {place}][. {holderNow}]',
        );
    }
}
