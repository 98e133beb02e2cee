<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Sex;

/** What every entry of a marriage asks, in a church or before a registrar. */
final class MarriageForm
{
    /** @return list<Column> */
    public static function columns(): array
    {
        return [
            Column::of('age', 'Age', ColumnMeaning::Age, 8), Column::of('condition', 'Condition', ColumnMeaning::Condition, 12),
            Column::of('trade', 'Trade', ColumnMeaning::Trade, 24), Column::of('abode', 'Abode', ColumnMeaning::Abode, 26),
        ];
    }

    /** @return non-empty-list<Role> */
    public static function roles(): array
    {
        return [
            Role::of('groom', RoleRelation::Principal, Sex::Male, 'bridegroom,husband'),
            Role::of('bride', RoleRelation::Partner, Sex::Female, 'wife'),
            Role::of('groom’s father', RoleRelation::Parent, Sex::Male, 'grooms father,his father', 'groom'),
            Role::of('groom’s mother', RoleRelation::Parent, Sex::Female, 'grooms mother,his mother', 'groom'),
            Role::of('bride’s father', RoleRelation::Parent, Sex::Male, 'brides father,her father', 'bride'),
            Role::of('bride’s mother', RoleRelation::Parent, Sex::Female, 'brides mother,her mother', 'bride'),
            Role::acting('witness'),
            Role::acting('minister', 'priest,vicar,curate,rector,registrar', isAside: true),
        ];
    }
}
