<?php

declare(strict_types=1);

namespace NorthBough\Core\Life\Window;

use NorthBough\Core\Chrono\DayWords;
use NorthBough\Core\Record\Presence;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** Whether a line puts somebody on a day on which they were certainly dead, or not born yet. */
final class OutsideLifespan
{
    /** Days that a child may be born after its father died, and a mother was alive before a baptism. */
    private const BEFORE_BAPTISM = 366;

    /** @return string why it cannot be, in a sentence; empty where it can */
    public static function explanation(Roll $roll, RollLine $line, LifeWindow $window): string
    {
        $day = $roll->date->span();
        if ($day === null) {
            return '';
        }
        if ($day->latest !== null && $window->bornCertain->earliest !== null && $window->bornCertain->earliest > $day->latest) {
            return "The line is of {$roll->date->shown}, and a birth before ".self::shown($window->bornCertain->earliest).' is ruled out.';
        }
        $grace = match (Presence::of($roll, $line)) {
            Presence::There, Presence::Wed, Presence::Born => 0,
            Presence::Mother => self::BEFORE_BAPTISM,
            Presence::Father => 2 * self::BEFORE_BAPTISM,
            Presence::Dead, Presence::ParentOfGrown, Presence::Named => null,
        };
        $dead = $window->diedCertain->latest;

        return $grace !== null && $dead !== null && $day->earliest !== null && $day->earliest - $grace > $dead
            ? "The line is of {$roll->date->shown}, and the death was by ".self::shown($dead).'.'
            : '';
    }

    private static function shown(int $day): string
    {
        return DayWords::of($day);
    }
}
