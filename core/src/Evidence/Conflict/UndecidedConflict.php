<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict;

use NorthBough\Core\Tree\Standing;

/**
 * Whether a disagreement still waits for somebody. What was ruled out disagrees with nobody; where one value was accepted,
 * its rivals were decided with it, and only what contradicts the accepted one is news.
 */
final class UndecidedConflict
{
    /** @param  list<Standing>  $beside  how whatever else stands that is told of the same */
    public static function between(Standing $standing, Standing $otherStanding, array $beside = []): bool
    {
        if ($standing === Standing::RuledOut || $otherStanding === Standing::RuledOut) {
            return false;
        }
        $isRival = $standing === Standing::Rival || $otherStanding === Standing::Rival;

        return ! ($isRival && in_array(Standing::Accepted, [$standing, $otherStanding, ...$beside], true))
            && ! ($standing === Standing::Rival && $otherStanding === Standing::Rival);
    }
}
