<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Tree\Sex;

/** What people of a household are to its head, as enumerators wrote it. A new one is one line here. */
final class HouseholdRoles
{
    /** @return non-empty-list<Role> */
    public static function all(): array
    {
        return [
            Role::of('head', Tie::Principal, spelled: 'hd,head of family,householder,head of household', resides: true),
            Role::of('wife', Tie::Partner, Sex::Female, 'wf,w,his wife', resides: true),
            Role::of('husband', Tie::Partner, Sex::Male, 'husb,husbd,hus', resides: true),
            Role::of('son', Tie::Child, Sex::Male, 's,sn,eldest son', resides: true),
            Role::of('daughter', Tie::Child, Sex::Female, 'd,da,dau,daur,daughr,dr,daugh', resides: true),
            Role::of('child', Tie::Child, spelled: 'infant,baby', resides: true),
            Role::of('stepson', Tie::StepChild, Sex::Male, 'step son,wifes son,wife s son,s son', resides: true),
            Role::of('stepdaughter', Tie::StepChild, Sex::Female, 'step daughter,step dau,wifes daughter,wife s daughter', resides: true),
            Role::of('father', Tie::Parent, Sex::Male, 'fa,fath', resides: true),
            Role::of('mother', Tie::Parent, Sex::Female, 'mo,moth', resides: true),
            Role::of('brother', Tie::Sibling, Sex::Male, 'bro,br,brothr', resides: true),
            Role::of('sister', Tie::Sibling, Sex::Female, 'sis,sist,sistr', resides: true),
            Role::of('grandson', Tie::Grandchild, Sex::Male, 'grand son,g son,gson,gr son', resides: true),
            Role::of('granddaughter', Tie::Grandchild, Sex::Female, 'grand daughter,g daughter,g daur,g dau,grand dau,gr daur', resides: true),
            Role::of('grandchild', Tie::Grandchild, spelled: 'grand child,gr child', resides: true),
            Role::of('grandfather', Tie::Grandparent, Sex::Male, 'grand father', resides: true),
            Role::of('grandmother', Tie::Grandparent, Sex::Female, 'grand mother', resides: true),
            // A "son-in-law" was often a stepson: the tie is not entered by itself.
            Role::of('son-in-law', Tie::ChildInLaw, Sex::Male, 's in law,son in l', resides: true),
            Role::of('daughter-in-law', Tie::ChildInLaw, Sex::Female, 'd in law,dau in law,daur in law', resides: true),
            Role::of('father-in-law', Tie::ParentInLaw, Sex::Male, 'f in law', resides: true),
            Role::of('mother-in-law', Tie::ParentInLaw, Sex::Female, 'm in law', resides: true),
            Role::of('brother-in-law', Tie::SiblingInLaw, Sex::Male, 'bro in law,b in law', resides: true),
            Role::of('sister-in-law', Tie::SiblingInLaw, Sex::Female, 'sis in law', resides: true),
            Role::of('nephew', Tie::SiblingsChild, Sex::Male, 'neph,nep', resides: true),
            Role::of('niece', Tie::SiblingsChild, Sex::Female, 'nce', resides: true),
            Role::of('uncle', Tie::ParentsSibling, Sex::Male, resides: true),
            Role::of('aunt', Tie::ParentsSibling, Sex::Female, resides: true),
            Role::of('cousin', Tie::Kin, spelled: 'cous,couzen,relative,relation,kinsman,kinswoman', resides: true),
            Role::of('lodger', Tie::None, spelled: 'lodg,lodgr', resides: true),
            Role::of('boarder', Tie::None, spelled: 'board,brdr,boardr', resides: true),
            Role::of('servant', Tie::None, spelled: 'serv,servt,sert,domestic,general servant', resides: true),
            Role::of('apprentice', Tie::None, spelled: 'app,appr,apprent', resides: true),
            Role::of('assistant', Tie::None, spelled: 'asst,assist', resides: true),
            Role::of('nurse', Tie::None, spelled: 'monthly nurse,nurse child', resides: false),
            Role::of('visitor', Tie::None, spelled: 'vis,visr,visit,guest', resides: false),
            Role::of('patient', Tie::None, spelled: 'pat', resides: false),
            Role::of('inmate', Tie::None, spelled: 'pauper', resides: true),
            Role::of('prisoner', Tie::None, spelled: 'pris,convict', resides: false),
            Role::of('crew', Tie::None, spelled: 'seaman,mate,boy on board', resides: false),
        ];
    }
}
