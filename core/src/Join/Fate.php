<?php

declare(strict_types=1);

namespace NorthBough\Core\Join;

/** What becomes of a name or a fact when two people are joined. */
enum Fate: string
{
    /** It was of the one who stays, and is as it was. */
    case Stays = 'stays';
    /** It goes over to the one who stays. */
    case Moves = 'moves';
    /** Both have it: it is had once, and what is told of it goes over. */
    case Same = 'is the same';
    /** It is kept beside the one that leads. */
    case Rival = 'becomes a rival';
    /** It goes over, or stays, and leads. */
    case Leads = 'leads';
}
