<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** In what two people are compared. The order is that of a page on which they stand side by side. */
enum Aspect: string
{
    case Given = 'given name';
    case Surname = 'surname';
    case Sex = 'sex';
    case Birth = 'birth';
    case BirthPlace = 'birthplace';
    case Death = 'death';
    case DeathPlace = 'place of death';
    case Parents = 'parents';
    case Siblings = 'siblings';
    case Partners = 'partners';
    case Children = 'children';
    /** How many doubles there are in the tree at all. */
    case Prior = 'prior';
    /** What is counted once although it shows in several aspects, and what others take who may be the same person. */
    case Together = 'together';
}
