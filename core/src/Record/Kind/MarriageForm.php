<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;
use NorthBough\Core\Tree\Sex;

/** What every entry of a marriage asks, in a church or before a registrar. */
final class MarriageForm
{
    /** @return list<Column> */
    public static function columns(): array
    {
        return [
            Column::of('age', 'Age', Meaning::Age, 8), Column::of('condition', 'Condition', Meaning::Condition, 12),
            Column::of('trade', 'Trade', Meaning::Trade, 24), Column::of('abode', 'Abode', Meaning::Abode, 26),
        ];
    }

    /** @return non-empty-list<Role> */
    public static function roles(): array
    {
        return [
            Role::of('groom', Tie::Principal, Sex::Male, 'bridegroom,husband'),
            Role::of('bride', Tie::Partner, Sex::Female, 'wife'),
            Role::of('groom’s father', Tie::Parent, Sex::Male, 'grooms father,his father', 'groom'),
            Role::of('groom’s mother', Tie::Parent, Sex::Female, 'grooms mother,his mother', 'groom'),
            Role::of('bride’s father', Tie::Parent, Sex::Male, 'brides father,her father', 'bride'),
            Role::of('bride’s mother', Tie::Parent, Sex::Female, 'brides mother,her mother', 'bride'),
            Role::acting('witness'),
            Role::acting('minister', 'priest,vicar,curate,rector,registrar', isAside: true),
        ];
    }
}
