<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict;

use NorthBough\Core\Tree\Standing;

/** Whether a disagreement still waits for somebody: one that was decided, with one value accepted and the other a rival, does not. */
final class Open
{
    public static function between(Standing $one, Standing $other): bool
    {
        if ($one === Standing::RuledOut || $other === Standing::RuledOut) {
            return false;
        }

        return ! self::isDecided($one, $other) && ! self::isDecided($other, $one) && ! ($one === Standing::Rival && $other === Standing::Rival);
    }

    private static function isDecided(Standing $leads, Standing $other): bool
    {
        return $leads === Standing::Accepted && $other === Standing::Rival;
    }
}
