<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Service book. */
final class ServiceBook implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'service-book', 'Service book', 'service record career postings soldier sailor keeper military', 'military',
            ['archive', 'library', 'online'], ['original', 'image'],
            UsualFields::named('keeper', 'title', 'volume', 'years', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'folio',
                'page'),
            full: '[{keeper}, ]*{title}*[, {volume}][ ({years})][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '[{keeper}, ]*{title}*[, {locator}]',
            bibliography: '[{keeper}. ]*{title}*[, {volume}][. {years}][. {holderNow}]',
        );
    }
}
