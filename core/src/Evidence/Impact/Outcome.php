<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Impact;

/** What becomes of a conclusion when something beneath it is false. */
enum Outcome: string
{
    /** What is left backs it as well as before. */
    case StandsOnOtherGround = 'stands on other ground';
    case Weaker = 'weaker';
    /** A tie or a placing by a decision that is asked again: it stays, and nobody has proved it. */
    case Unproved = 'unproved';
    /** Nothing is left that says so. */
    case Falls = 'falls';
    /** A decision is never undone unseen: it is asked again. */
    case OpensAgain = 'opens again';

    public function isGone(): bool
    {
        return $this === self::Falls || $this === self::OpensAgain;
    }
}
