<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** A copy that a registrar certified; what it copied is said. */
final class CivilCertificate implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'civil-certificate', 'Certificate', 'birth death marriage certificate copy extract registrar', 'civil', ['archive', 'home'],
            ['original', 'image'],
            UsualFields::named('keeper', 'title', 'date', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'entry'),
            full: '[{keeper}, ]*{title}*[, {locator}][, certified {date}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '[{keeper}, ]*{title}*[, {locator}]',
            bibliography: '[{keeper}. ]*{title}*[. {holderNow}]',
        );
    }
}
