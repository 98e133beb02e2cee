<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Place\PlacePath;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;

/** What a line of a box can tell. */
enum BoxLine: string
{
    case Birth = 'birth';
    case Death = 'death';
    case Years = 'years';
    case Occupation = 'occupation';
    case Residence = 'residence';
    case Burial = 'burial';
    case Number = 'number';
    case Sex = 'sex';

    /** @return string empty where nothing is known */
    public function of(Person $person): string
    {
        return match ($this) {
            self::Birth => self::event($person->vitals()->beginning()),
            self::Death => self::event($person->vitals()->end()),
            self::Years => LifeYears::shown($person),
            self::Occupation => trim((string) $person->leading('occupation')?->value),
            self::Residence => self::event($person->leading('residence')),
            self::Burial => self::event($person->leading('burial')),
            self::Number => "no. {$person->number}",
            self::Sex => $person->sex === Sex::Unknown ? '' : strtolower($person->sex->value),
        };
    }

    private static function event(?Event $event): string
    {
        if ($event === null) {
            return '';
        }
        $text = implode(', ',
            array_filter([$event->date->shown, PlacePath::shortOf($event->place)], static fn (string $s): bool => $s !== ''));

        return trim("{$event->participle()} {$text}");
    }
}
