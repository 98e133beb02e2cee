<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Sex;

/** Who takes whose name at a wedding, by the custom of a tree. A married name is shown by this rule and never stored by it. */
enum MarriedCustom: string
{
    case WifeTakesHusbands = 'wife';
    case EachKeeps = 'keeps';

    /**
     * The surname that somebody bore last: one that a record tells, before the one that the rule says.
     *
     * @param  list<Union>  $unions  in the order of that person's life
     * @param  array<string, Person>  $partners  by id
     * @return string empty where there is none
     */
    public function surnameOf(Person $person, array $unions, array $partners): string
    {
        foreach (array_reverse($person->names) as $name) {
            if ($name->kind === NameKind::Married && $name->counts() && $name->name->surname !== '') {
                return $name->name->wholeSurname();
            }
        }
        if ($this === self::EachKeeps || $person->sex !== Sex::Female) {
            return '';
        }
        foreach (array_reverse($unions) as $union) {
            foreach ($union->marriage() === null ? [] : $union->partnersOf($person->id) as $partnerId) {
                $partner = $partners[$partnerId] ?? null;
                if ($partner?->sex === Sex::Male && $partner->name()->surname !== '') {
                    return $partner->name()->wholeSurname();
                }
            }
        }

        return '';
    }
}
