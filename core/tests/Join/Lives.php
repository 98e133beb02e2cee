<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Join;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;

/** People who are joined or compared, in a line each. */
trait Lives
{
    /**
     * @param  list<string>  $names  the surname between slashes
     * @param  list<Event>  $events
     */
    private static function person(string $id, array $names, array $events, Sex $sex = Sex::Female): Person
    {
        return new Person($id, 1, $sex, array_map(static fn (int $at, string $name): Name => new Name("{$id}{$at}", NameKind::Birth,
            PersonalName::parse($name)), array_keys($names), $names), $events);
    }

    private static function event(
        string $id, string $kind, string $date, string $place = '', string $value = '', Standing $standing = Standing::Unweighed,
    ): Event {
        return new Event($id, $kind, '', $value, GenDate::parse($date), $place, false, [], $standing);
    }
}
