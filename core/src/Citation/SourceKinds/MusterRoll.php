<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Muster roll. */
final class MusterRoll implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'muster-roll', 'Muster roll', 'army navy militia fencibles muster military', 'military', ['archive', 'library', 'online'],
            ['original', 'image'],
            UsualFields::named('unit', 'title', 'years', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'folio', 'entry'),
            full: '[{unit}, ]*{title}*[ ({years})][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from {madeFrom}][, '
                .'supplied by {supplier}]]',
            short: '[{unit}, ]*{title}*[, {locator}]',
            bibliography: '[{unit}. ]*{title}*[. {years}][. {holderNow}]',
        );
    }
}
