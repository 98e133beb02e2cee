<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation\SourceKinds;

use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\UsualFields;

/** Civil register. */
final class CivilRegister implements ShippedKind
{
    public static function kind(): SourceKind
    {
        return SourceKind::of(
            'civil-register', 'Civil register', 'birth death marriage registration registrar certificate', 'civil',
            ['archive', 'library', 'online'], ['original', 'image'],
            UsualFields::named('keeper', 'title', 'volume', 'years', 'holderNow', 'call', 'seenAs', 'madeFrom', 'supplier', 'entry',
                'page'),
            full: '[{keeper}, ]*{title}*[, {volume}][ ({years})][, {locator}][; {holderNow}[, {call}]][; seen as {seenAs}[, made from '
                .'{madeFrom}][, supplied by {supplier}]]',
            short: '[{keeper}, ]*{title}*[, {locator}]',
            bibliography: '[{keeper}. ]*{title}*[, {volume}][. {years}][. {holderNow}]',
        );
    }
}
