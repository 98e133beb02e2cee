<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** What partners of a union are to one another, and when a union can have stood. */
final class PartnerKin
{
    /** Wife, former wife, said to be partner: what a partner of this union is called. */
    public static function word(Union $union, Sex $sex): string
    {
        $doubt = $union->isUnproved() ? 'said to be ' : '';
        if (! self::isMarriage($union)) {
            return "{$doubt}partner";
        }
        $word = match ($sex) {
            Sex::Male => 'husband',
            Sex::Female => 'wife',
            default => 'spouse',
        };

        return self::end($union) === null ? $doubt.$word : "{$doubt}former {$word}";
    }

    /** A union that is said never to have been a marriage makes nobody an in-law or a step-parent by marriage. */
    public static function isDenied(Union $union): bool
    {
        foreach ($union->events as $event) {
            if ($event->kind === 'marriage' && $event->denied && $event->standing->mayLead()) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether the union of a parent with somebody else can have stood after the child's birth: neither partner dead
     * before it, the union not ended before it. What is not known does not rule it out.
     *
     * @param  list<Person>  $partners
     */
    public static function canStandAfterBirth(Union $union, array $partners, Person $child): bool
    {
        $born = $child->vitals()->beginning()?->date->span()?->earliest;
        if ($born === null) {
            return true;
        }
        $ends = [self::end($union)];
        foreach ($partners as $partner) {
            $ends[] = $partner->vitals()->end();
        }
        foreach ($ends as $end) {
            $latest = $end?->date->span()?->latest;
            if ($latest !== null && $latest < $born) {
                return false;
            }
        }

        return true;
    }

    private static function isMarriage(Union $union): bool
    {
        return $union->marriage() !== null;
    }

    private static function end(Union $union): ?Event
    {
        foreach ($union->events as $event) {
            if (in_array($event->kind, ['divorce', 'annulment'], true) && ! $event->denied && $event->standing->mayLead()) {
                return $event;
            }
        }

        return null;
    }
}
