<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Register or calendar of wills. */
final class ProbateBook implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'probate-book', 'Register or calendar of wills', 'wills probate calendar inventory estate', 'probate',
            ['archive', 'library', 'online'], ['original', 'image'],
            UsualFields::named('keeper', 'title', 'volume', 'years', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'page',
                'entry'),
            full: '[{keeper}, ]*{title}*[, {volume}][ ({years})][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '[{keeper}, ]*{title}*[, {locator}]',
            bibliography: '[{keeper}. ]*{title}*[, {volume}][. {years}][. {holderNow}]',
        );
    }
}
