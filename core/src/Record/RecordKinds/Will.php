<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;

/** A will: heirs and witnesses, and what each is called in it. */
final class Will implements ShippedKind
{
    public static function kind(): RecordKind
    {
        return new RecordKind(
            'will', 'Will', 'probate testament court estate bequest legacy',
            [Column::of('gift', 'What is left', ColumnMeaning::Words, 40), Column::of('abode', 'Of', ColumnMeaning::Abode, 22),
                Column::of('trade', 'Trade', ColumnMeaning::Trade, 18)],
            [Role::of('testator', RoleRelation::Principal, spelled: 'testatrix'), ...NamedKin::roles(),
                Role::acting('executor', 'executrix'), Role::acting('witness')],
            event: 'will', isTall: true, heads: [Column::of('folio', 'Folio', ColumnMeaning::Page)],
        );
    }
}
