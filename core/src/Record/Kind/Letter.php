<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;

/** A letter and whom it names. */
final class Letter implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'letter', 'Letter', 'correspondence post private note',
            [Column::of('says', 'What it says', Meaning::Words, 46), Column::of('abode', 'At', Meaning::Abode, 22)],
            [Role::acting('writer', 'author,from'), Role::of('receiver', Tie::Principal, spelled: 'to'), ...KinNamed::roles(), Role::of('named', Tie::None)],
            isTall: true,
        );
    }
}
