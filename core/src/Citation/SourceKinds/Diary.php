<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Diary or account book. */
final class Diary implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'diary', 'Diary or account book', 'diary journal account notebook memoir manuscript', 'letter', ['home', 'archive'],
            ['original', 'image'],
            UsualFields::named('author', 'title', 'years', 'holders', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'page'),
            full: '[{author}, ]*{title}*[, {years}][, {locator}][; {holders}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '[{author}, ]*{title}*[, {locator}]',
            bibliography: '[{author}. ]*{title}*[. {years}][. {holderNow}]',
        );
    }
}
