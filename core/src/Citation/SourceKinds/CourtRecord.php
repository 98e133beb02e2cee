<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Court record. */
final class CourtRecord implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'court-record', 'Court record', 'court case trial minutes plea sentence', 'court', ['archive', 'library', 'online'],
            ['original', 'image'],
            UsualFields::named('court', 'title', 'years', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'folio', 'page'),
            full: '[{court}, ]*{title}*[ ({years})][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from {madeFrom}][, '
                .'supplied by {supplier}]]',
            short: '[{court}, ]*{title}*[, {locator}]',
            bibliography: '[{court}. ]*{title}*[. {years}][. {holderNow}]',
        );
    }
}
