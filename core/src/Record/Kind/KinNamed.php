<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Kind;

use NorthBough\Core\Record\Role;
use NorthBough\Core\Record\Tie;
use NorthBough\Core\Tree\Sex;

/** Kin that a text names: told of its principal. */
final class KinNamed
{
    /** @return list<Role> */
    public static function roles(): array
    {
        return [
            Role::of('husband', Tie::Partner, Sex::Male), Role::of('wife', Tie::Partner, Sex::Female, 'widow,relict'),
            Role::of('son', Tie::Child, Sex::Male), Role::of('daughter', Tie::Child, Sex::Female),
            Role::of('father', Tie::Parent, Sex::Male), Role::of('mother', Tie::Parent, Sex::Female),
            Role::of('brother', Tie::Sibling, Sex::Male), Role::of('sister', Tie::Sibling, Sex::Female),
            Role::of('grandchild', Tie::Grandchild, spelled: 'grandson,granddaughter'),
            Role::of('son-in-law', Tie::ChildInLaw, Sex::Male), Role::of('daughter-in-law', Tie::ChildInLaw, Sex::Female),
            Role::of('nephew', Tie::SiblingsChild, Sex::Male), Role::of('niece', Tie::SiblingsChild, Sex::Female),
            Role::of('cousin', Tie::Kin, spelled: 'kinsman,kinswoman'),
        ];
    }
}
