<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Record\Presence;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** What speaks for a line being somebody who is not in the tree yet, as log odds. */
final class StrangerWeight
{
    private const NOBODY = 6.0;

    /** A lodger or a visitor: a name and an age alone place nobody whom the page ties to nobody. */
    private const NOBODY_UNTIED = 8.2;

    private const NOBODY_WED = 5.4;

    private const NOBODY_BORN = 4.4;

    private const NOBODY_DEAD = 4.0;

    public static function of(Roll $roll, RollLine $line): float
    {
        return match (true) {
            $roll->tie($line) === RoleRelation::None => self::NOBODY_UNTIED,
            $roll->kind->eventIsOfAll => self::NOBODY,
            // Whoever brings an entry looks for the people of whom it is made, and for some more than for others.
            default => match (Presence::of($roll, $line)) {
                Presence::Wed, Presence::ParentOfGrown, Presence::There => self::NOBODY_WED,
                Presence::Born, Presence::Mother, Presence::Father => self::NOBODY_BORN,
                Presence::Dead, Presence::Named => self::NOBODY_DEAD,
            },
        };
    }
}
