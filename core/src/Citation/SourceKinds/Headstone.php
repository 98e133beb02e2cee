<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Headstones of a ground. */
final class Headstone implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'headstone', 'Headstones of a ground', 'grave headstone stone cemetery churchyard inscription', 'grave', ['place', 'online'],
            ['original', 'image'],
            UsualFields::named('title', 'place', 'seenAs', 'supplier', 'date', 'plot'),
            full: '*{title}*[, {place}][, {locator}][; read {date}][; seen as {seenAs}[, supplied by {supplier}]]',
            short: '*{title}*[, {locator}]',
            bibliography: '*{title}*[, {place}]',
        );
    }
}
