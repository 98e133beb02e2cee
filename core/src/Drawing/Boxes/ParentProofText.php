<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentSet;

/** What the stroke of the lines to the parents says, in words. */
final class ParentProofText
{
    /** @return string empty where every tie is proved, or nothing is said of it */
    public static function of(?ParentSet $set): string
    {
        $parents = $set?->whoStand() ?? [];
        $unproved = array_filter($parents, static fn (Parentage $parent): bool => $parent->isUnproved());

        return match (true) {
            $unproved === [] => '',
            count($unproved) < count($parents) => 'one parent not proved',
            default => count($parents) === 1 ? 'parent not proved' : 'parents not proved',
        };
    }
}
