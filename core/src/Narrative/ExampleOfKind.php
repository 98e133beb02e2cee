<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\CustomEventKind;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;

/** Something that happened to somebody who was made up, by which a sentence can be tried. */
final class ExampleOfKind
{
    /** @return array{Event, Person} */
    public static function of(string $word, string $sentence): array
    {
        $birth = new Event('birth', 'birth', '', '', GenDate::parse('2 April 1760'), '', false, []);

        return [
            new Event('example', 'event', $word, 'the Grey', GenDate::parse('14 June 1791'), 'Hask, Marren Isles', false, [],
                custom: new CustomEventKind([], false, $sentence)),
            new Person('example', 1, Sex::Male, [new Name('name', NameKind::Birth, PersonalName::parse('Magnus Tarrel'))], [$birth]),
        ];
    }
}
