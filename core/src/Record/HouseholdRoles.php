<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Sex;

/** What people of a household are to its head, as enumerators wrote it. A new one is one line here. */
final class HouseholdRoles
{
    /** @return non-empty-list<Role> */
    public static function all(): array
    {
        return [
            Role::of('head', RoleRelation::Principal, spelled: 'hd,head of family,householder,head of household', resides: true),
            Role::of('wife', RoleRelation::Partner, Sex::Female, 'wf,w,his wife', resides: true),
            Role::of('husband', RoleRelation::Partner, Sex::Male, 'husb,husbd,hus', resides: true),
            Role::of('son', RoleRelation::Child, Sex::Male, 's,sn,eldest son', resides: true),
            Role::of('daughter', RoleRelation::Child, Sex::Female, 'd,da,dau,daur,daughr,dr,daugh', resides: true),
            Role::of('child', RoleRelation::Child, spelled: 'infant,baby', resides: true),
            Role::of('stepson', RoleRelation::StepChild, Sex::Male, 'step son,wifes son,wife s son,s son', resides: true),
            Role::of('stepdaughter', RoleRelation::StepChild, Sex::Female, 'step daughter,step dau,wifes daughter,wife s daughter',
                resides: true),
            Role::of('father', RoleRelation::Parent, Sex::Male, 'fa,fath', resides: true),
            Role::of('mother', RoleRelation::Parent, Sex::Female, 'mo,moth', resides: true),
            Role::of('brother', RoleRelation::Sibling, Sex::Male, 'bro,br,brothr', resides: true),
            Role::of('sister', RoleRelation::Sibling, Sex::Female, 'sis,sist,sistr', resides: true),
            Role::of('grandson', RoleRelation::Grandchild, Sex::Male, 'grand son,g son,gson,gr son', resides: true),
            Role::of('granddaughter', RoleRelation::Grandchild, Sex::Female, 'grand daughter,g daughter,g daur,g dau,grand dau,gr daur',
                resides: true),
            Role::of('grandchild', RoleRelation::Grandchild, spelled: 'grand child,gr child', resides: true),
            Role::of('grandfather', RoleRelation::Grandparent, Sex::Male, 'grand father', resides: true),
            Role::of('grandmother', RoleRelation::Grandparent, Sex::Female, 'grand mother', resides: true),
            // A "son-in-law" was often a stepson: the tie is not entered by itself.
            Role::of('son-in-law', RoleRelation::ChildInLaw, Sex::Male, 's in law,son in l', resides: true),
            Role::of('daughter-in-law', RoleRelation::ChildInLaw, Sex::Female, 'd in law,dau in law,daur in law', resides: true),
            Role::of('father-in-law', RoleRelation::ParentInLaw, Sex::Male, 'f in law', resides: true),
            Role::of('mother-in-law', RoleRelation::ParentInLaw, Sex::Female, 'm in law', resides: true),
            Role::of('brother-in-law', RoleRelation::SiblingInLaw, Sex::Male, 'bro in law,b in law', resides: true),
            Role::of('sister-in-law', RoleRelation::SiblingInLaw, Sex::Female, 'sis in law', resides: true),
            Role::of('nephew', RoleRelation::SiblingsChild, Sex::Male, 'neph,nep', resides: true),
            Role::of('niece', RoleRelation::SiblingsChild, Sex::Female, 'nce', resides: true),
            Role::of('uncle', RoleRelation::ParentsSibling, Sex::Male, resides: true),
            Role::of('aunt', RoleRelation::ParentsSibling, Sex::Female, resides: true),
            Role::of('cousin', RoleRelation::Kin, spelled: 'cous,couzen,relative,relation,kinsman,kinswoman', resides: true),
            Role::of('lodger', RoleRelation::None, spelled: 'lodg,lodgr', resides: true),
            Role::of('boarder', RoleRelation::None, spelled: 'board,brdr,boardr', resides: true),
            Role::of('servant', RoleRelation::None, spelled: 'serv,servt,sert,domestic,general servant', resides: true),
            Role::of('apprentice', RoleRelation::None, spelled: 'app,appr,apprent', resides: true),
            Role::of('assistant', RoleRelation::None, spelled: 'asst,assist', resides: true),
            Role::of('nurse', RoleRelation::None, spelled: 'monthly nurse,nurse child', resides: false),
            Role::of('visitor', RoleRelation::None, spelled: 'vis,visr,visit,guest', resides: false),
            Role::of('patient', RoleRelation::None, spelled: 'pat', resides: false),
            Role::of('inmate', RoleRelation::None, spelled: 'pauper', resides: true),
            Role::of('prisoner', RoleRelation::None, spelled: 'pris,convict', resides: false),
            Role::of('crew', RoleRelation::None, spelled: 'seaman,mate,boy on board', resides: false),
        ];
    }
}
