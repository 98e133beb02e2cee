<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** The state of a partner at a wedding, worked out from the unions before it and how they ended; never stored. */
enum WeddingState: string
{
    case NeverWed = 'never wed';
    case Widowed = 'widowed';
    case Free = 'free';
    case Bound = 'bound';
    case NotKnown = 'not known';

    /**
     * @param  list<Union>  $unions  of the person, in the order of their life
     * @param  array<string, Person>  $partners  those of all these unions, by id
     */
    public static function of(string $personId, Union $at, array $unions, array $partners): self
    {
        $wedding = $at->marriage()?->date->span();
        $state = self::NeverWed;
        foreach ($unions as $union) {
            if ($union->id === $at->id) {
                break;
            }
            if ($union->marriage() !== null) {
                $state = self::after($personId, $union, $wedding, $partners);
            }
            // One union that stood binds, whatever came of the later ones.
            if ($state === self::Bound) {
                return $state;
            }
        }

        return $state;
    }

    /** @param  array<string, Person>  $partners */
    private static function after(string $personId, Union $union, ?DaySpan $wedding, array $partners): self
    {
        $divorce = Event::leadingOf($union->events, 'divorce') ?? Event::leadingOf($union->events, 'annulment');
        if ($divorce !== null) {
            return match (self::order($divorce->date->span(), $wedding)) {
                -1 => self::Free,
                1 => self::Bound,
                // A divorce without a day came before the next wedding, as far as anybody says.
                default => $divorce->date->span() === null ? self::Free : self::NotKnown,
            };
        }
        foreach ($union->partnersOf($personId) as $partnerId) {
            $end = ($partners[$partnerId] ?? null)?->vitals()->end();
            if ($end === null) {
                continue;
            }

            return match (self::order($end->date->span(), $wedding)) {
                -1 => self::Widowed,
                1 => $end->kind === 'death' ? self::Bound : self::NotKnown,
                default => self::NotKnown,
            };
        }

        return self::NotKnown;
    }

    /** -1 when the first surely came before the second, 1 when surely after, 0 when neither is sure. */
    private static function order(?DaySpan $first, ?DaySpan $second): int
    {
        return match (true) {
            $first?->latest !== null && $second?->earliest !== null && $first->latest <= $second->earliest => -1,
            $first?->earliest !== null && $second?->latest !== null && $first->earliest > $second->latest => 1,
            default => 0,
        };
    }
}
