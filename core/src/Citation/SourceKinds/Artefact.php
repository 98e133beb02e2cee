<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** A thing privately held, with the chain of those who held it. */
final class Artefact implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'artefact', 'Heirloom or family object', 'artefact heirloom sampler ring medal clock family thing', 'artefact', ['home'],
            ['original', 'image'],
            UsualFields::named('kindOf', 'maker', 'date', 'holders', 'seenAs', 'supplier', 'item'),
            full: '*{kindOf}*[, made by {maker}][, {date}][, {locator}][; held in turn by {holders}][; seen as {seenAs}[, supplied by '
                .'{supplier}]]',
            short: '*{kindOf}*[, {locator}]',
            bibliography: '*{kindOf}*[. {date}]',
        );
    }
}
