<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Passenger list. */
final class PassengerList implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'passenger-list', 'Passenger list', 'ship passenger emigration immigration arrival departure steerage', 'migration',
            ['archive', 'library', 'online'], ['original', 'image'],
            UsualFields::named('keeper', 'title', 'vessel', 'date', 'years', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'page'),
            full: '[{keeper}, ]*{title}*[ ({years})][, *{vessel}*][, {date}][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, '
                .'made from {madeFrom}][, supplied by {supplier}]]',
            short: '[{keeper}, ]*{title}*[, *{vessel}*][, {locator}]',
            bibliography: '[{keeper}. ]*{title}*[. {years}][. {holderNow}]',
        );
    }
}
