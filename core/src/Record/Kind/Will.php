<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;

/** A will: heirs and witnesses, and what each is called in it. */
final class Will implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'will', 'Will', 'probate testament court estate bequest legacy',
            [Column::of('gift', 'What is left', Meaning::Words, 40), Column::of('abode', 'Of', Meaning::Abode, 22), Column::of('trade', 'Trade', Meaning::Trade, 18)],
            [Role::of('testator', Tie::Principal, spelled: 'testatrix'), ...KinNamed::roles(), Role::acting('executor', 'executrix'), Role::acting('witness')],
            event: 'will', isTall: true, heads: [Column::of('folio', 'Folio', Meaning::Page)],
        );
    }
}
