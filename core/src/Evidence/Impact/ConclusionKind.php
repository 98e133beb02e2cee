<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Impact;

/** What can be concluded. */
enum ConclusionKind: string
{
    case Fact = 'fact';
    /** Who somebody's parent was. */
    case Tie = 'tie';
    /** Whom a line of a record is. */
    case Placing = 'placing';
    /** The answer to a question. */
    case Decision = 'decision';
}
