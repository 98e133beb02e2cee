<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Family Bible. */
final class FamilyBible implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'family-bible', 'Family Bible', 'bible family pages births entries', 'artefact', ['home', 'archive'], ['original', 'image'],
            UsualFields::named('title', 'published', 'holders', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'page'),
            full: '*{title}*[ ({published})][, {locator}][; held in turn by {holders}][; {holderNow}[, {call}]][; seen as {seenAs}[, made '
                .'from {madeFrom}][, supplied by {supplier}]]',
            short: '*{title}*[, {locator}]',
            bibliography: '*{title}*[. {published}][. {holderNow}]',
        );
    }
}
