<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Pension or service file. */
final class PensionFile implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'pension-file', 'Pension or service file', 'pension military soldier widow file', 'military', ['archive', 'library', 'online'],
            ['original', 'image'],
            UsualFields::named('deceased', 'unit', 'series', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'item'),
            full: '{deceased}[, {unit}][, {locator}][; {series}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from {madeFrom}][, '
                .'supplied by {supplier}]]',
            short: '{deceased}[, {locator}]',
            bibliography: '[{unit}. ]{deceased}[. {series}][. {holderNow}]',
        );
    }
}
