<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

/** Why a family cannot be changed as was asked. */
enum FamilyProblem
{
    case ParentAlready;
    case ParentsAlready;
    case RuledOutAsParents;
    case OwnAncestor;
    case SecondParentsByBirth;
    case TwoParentsByBirth;
    case ThirdParentByBirth;
    case OtherParentsByBirth;
    case NoParentOfSet;
    case OwnPartner;
    case CoupleIsFull;
    case PartnerAlready;
    case PartnerRuledOut;
    case NotTheirCouple;
    case WhichCouple;
    case NoReason;
    case NobodyLeft;
    case PlaceTaken;
    case NoTie;
    case OtherChildren;
    case SamePerson;

    /** In a sentence that says what to do. */
    public function says(): string
    {
        return match ($this) {
            self::ParentAlready => 'They are parent and child already.',
            self::ParentsAlready => 'They are parents and child already.',
            self::RuledOutAsParents => 'They were ruled out as parents of this child. They can be let stand again at their line of kin.',
            self::OwnAncestor => 'That would make somebody their own ancestor. Nothing was changed.',
            self::SecondParentsByBirth => 'This child has parents by birth already. Say that these are adoptive or foster parents, or '
                .'unlink the others first.',
            self::TwoParentsByBirth => 'There are two parents by birth already. Say that these are adoptive or foster parents, or unlink '
                .'one first.',
            self::ThirdParentByBirth => 'There are two parents by birth already. Rule one of them out, or call this one a rival.',
            self::OtherParentsByBirth => 'This child has parents by birth already. Unlink these, or say that they are of another kind, '
                .'first.',
            self::NoParentOfSet => 'That is no parent of this set.',
            self::OwnPartner => 'Nobody is their own partner.',
            self::CoupleIsFull => 'That couple has two partners already.',
            self::PartnerAlready => 'That is a partner of this couple already.',
            self::PartnerRuledOut => 'They were ruled out as a partner of this couple. They can be let stand again at their line of kin.',
            self::NotTheirCouple => 'That is not a couple of theirs.',
            self::WhichCouple => 'This person has several partners. Add the child from the line of the couple that it belongs to.',
            self::NoReason => 'Write why it is ruled out, so that nobody finds it again.',
            self::NobodyLeft => 'Nobody would be left in that couple. Unlink it instead.',
            self::PlaceTaken => 'Somebody else has that place now. Unlink them first, or rule them out.',
            self::NoTie => 'There is no tie to take off.',
            self::OtherChildren => 'The children of this couple have changed meanwhile. Look again, then put them in order.',
            self::SamePerson => 'That is one and the same person.',
        };
    }

    /** Whether what was asked would do at another time: it is at odds with what stands in the tree now. */
    public function isConflict(): bool
    {
        return match ($this) {
            self::ParentsAlready, self::RuledOutAsParents, self::OwnAncestor, self::ThirdParentByBirth, self::OtherParentsByBirth,
            self::PartnerAlready,
            self::PartnerRuledOut, self::NobodyLeft, self::PlaceTaken, self::NoTie, self::OtherChildren => true,
            default => false,
        };
    }
}
