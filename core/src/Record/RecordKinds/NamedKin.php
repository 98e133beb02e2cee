<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\RecordKinds;

use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Sex;

/** Kin that a text names: told of its principal. */
final class NamedKin
{
    /** @return list<Role> */
    public static function roles(): array
    {
        return [
            Role::of('husband', RoleRelation::Partner, Sex::Male), Role::of('wife', RoleRelation::Partner, Sex::Female, 'widow,relict'),
            Role::of('son', RoleRelation::Child, Sex::Male), Role::of('daughter', RoleRelation::Child, Sex::Female),
            Role::of('father', RoleRelation::Parent, Sex::Male), Role::of('mother', RoleRelation::Parent, Sex::Female),
            Role::of('brother', RoleRelation::Sibling, Sex::Male), Role::of('sister', RoleRelation::Sibling, Sex::Female),
            Role::of('grandchild', RoleRelation::Grandchild, spelled: 'grandson,granddaughter'),
            Role::of('son-in-law', RoleRelation::ChildInLaw, Sex::Male), Role::of('daughter-in-law', RoleRelation::ChildInLaw, Sex::Female),
            Role::of('nephew', RoleRelation::SiblingsChild, Sex::Male), Role::of('niece', RoleRelation::SiblingsChild, Sex::Female),
            Role::of('cousin', RoleRelation::Kin, spelled: 'kinsman,kinswoman'),
        ];
    }
}
