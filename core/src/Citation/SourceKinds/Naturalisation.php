<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Naturalisation paper. */
final class Naturalisation implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'naturalisation', 'Naturalisation paper', 'naturalisation citizenship alien oath', 'migration',
            ['archive', 'library', 'online'], ['original', 'image'],
            UsualFields::named('keeper', 'deceased', 'date', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'item'),
            full: '[{keeper}, ]*{deceased}*, naturalisation[, {date}][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made '
                .'from {madeFrom}][, supplied by {supplier}]]',
            short: '*{deceased}*, naturalisation[, {locator}]',
            bibliography: '[{keeper}. ]*{deceased}*, naturalisation[. {holderNow}]',
        );
    }
}
