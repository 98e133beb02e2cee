<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Sex;

/** The surname that a relative might have by the father's custom. It is offered, never stored by itself. */
final class SurnameOffer
{
    /** @param  list<Person>  $partners */
    public static function forRelative(string $relation, Person $person, array $partners): string
    {
        return match ($relation) {
            'father', 'sibling' => self::whole($person),
            'child' => self::fathersOf($person, $partners),
            default => '',
        };
    }

    /** @param  list<Person>  $partners */
    private static function fathersOf(Person $person, array $partners): string
    {
        if ($person->sex === Sex::Male) {
            return self::whole($person);
        }
        foreach ($partners as $partner) {
            if ($partner->sex === Sex::Male) {
                return self::whole($partner);
            }
        }

        return '';
    }

    private static function whole(Person $person): string
    {
        return trim($person->name()->surnamePrefix.' '.$person->name()->surname);
    }
}
