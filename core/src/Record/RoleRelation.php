<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

/** How somebody on a record stands to the one whom the role is told of: the head of a household, the groom, the dead. */
enum RoleRelation: string
{
    case Principal = 'principal';
    case Partner = 'partner';
    case Child = 'child';
    case StepChild = 'stepchild';
    case Parent = 'parent';
    case Sibling = 'sibling';
    case Grandchild = 'grandchild';
    case Grandparent = 'grandparent';
    case ChildInLaw = 'child-in-law';
    case ParentInLaw = 'parent-in-law';
    case SiblingInLaw = 'sibling-in-law';
    case SiblingsChild = 'niece or nephew';
    case ParentsSibling = 'aunt or uncle';
    /** Kin of a degree that nobody says: cousin, kinsman. */
    case Kin = 'kin';
    case None = 'none';

    /** Whether the words tell a tie that can be entered by itself. */
    public function isTold(): bool
    {
        return $this === self::Partner || $this === self::Child || $this === self::Parent;
    }
}
