<?php

declare(strict_types=1);

namespace NorthBough\Core\Entry;

use NorthBough\Core\Naming\Custom\NamingCustom;
use NorthBough\Core\Naming\Custom\SurnameSources;
use NorthBough\Core\Place\PlacePath;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Person;

/** The surname that a relative might have by the custom of the family. It is offered, never stored by itself. */
final class SurnameOffer
{
    /**
     * @param  string  $relation  father, mother, partner, child, sibling, son, daughter
     * @param  list<Person>  $partners  of the person
     * @param  list<Person>  $parents  of the person
     */
    public static function forRelative(string $relation, Person $person, array $partners, array $parents, NamingCustom $custom): string
    {
        $sex = match ($relation) {
            'son', 'brother' => Sex::Male,
            'daughter', 'sister' => Sex::Female,
            default => Sex::Unknown,
        };

        return match ($relation) {
            'father' => $custom->fathersSurname($person->name()->wholeSurname()),
            'sibling', 'brother',
            'sister' => self::ofChild($sex, $parents, $custom) ?: $custom->fathersSurname($person->name()->wholeSurname()),
            'child', 'son', 'daughter' => self::ofChild($sex, [$person, ...$partners], $custom),
            default => '',
        };
    }

    /** @param  list<Person>  $parents the one in hand first */
    private static function ofChild(Sex $sex, array $parents, NamingCustom $custom): string
    {
        $known = SurnameSources::unknown();
        $father = self::first($parents, Sex::Male)?->name() ?? $known->father;
        $mother = self::first($parents, Sex::Female)?->name() ?? $known->mother;

        return $custom->surnameOf($sex, new SurnameSources($father, $mother, self::farm($parents)));
    }

    /** @param  list<Person>  $parents */
    private static function first(array $parents, Sex $sex): ?Person
    {
        foreach ($parents as $parent) {
            if ($parent->sex === $sex) {
                return $parent;
            }
        }

        return null;
    }

    /** @param  list<Person>  $parents */
    private static function farm(array $parents): string
    {
        foreach ($parents as $parent) {
            $home = $parent->leading('residence', 'birth')->place ?? '';
            if ($home !== '') {
                return PlacePath::shortOf($home);
            }
        }

        return '';
    }
}
