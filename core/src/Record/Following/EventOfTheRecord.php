<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Following;

use NorthBough\Core\Record\Meaning;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\Telling;
use NorthBough\Core\Record\Tie;
use NorthBough\Core\Tree\EventKinds;

/** What the record is of: the baptism of its child, the wedding of its couple, the burial of its dead. */
final class EventOfTheRecord implements FollowingRule
{
    /** The column that tells when itself, where the day of the record is another: that of the registration, of the paper. */
    private const TELLS = ['birth' => [Meaning::BirthDate, Meaning::BirthPlace], 'death' => [Meaning::DeathDate, Meaning::DeathPlace]];

    public function name(): string
    {
        return 'what the record is of';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $kind = $roll->kind;
        if ($kind->event === '' || $kind->eventIsOfAll || $roll->tie($line) !== Tie::Principal) {
            return [];
        }
        $word = mb_strtolower(EventKinds::named($kind->event)->word);
        if (EventKinds::named($kind->event)->ofUnion) {
            $other = $roll->firstTied($line, Tie::Partner);

            return $other === null ? [] : [Telling::ofCouple($line->id, $other->id, $kind->event, $roll->date, $roll->place, "{$line->name} and {$other->name}")
                ->by($this->name(), "The record is of their {$word}.")];
        }
        if (isset(self::TELLS[$kind->event])) {
            [$when, $where] = self::TELLS[$kind->event];
            $said = $roll->said($line, $when);
            $place = $roll->said($line, $where);

            return $said.$place === '' ? [] : [Telling::ofPerson($line->id, $kind->event, $roll->day($said), $place, '', trim("{$said}, {$place}", ', '))
                ->by($this->name(), "The record is of this {$word}, and says when and where.")];
        }

        return [Telling::ofPerson($line->id, $kind->event, $roll->date, $roll->place, '', $line->name)
            ->by($this->name(), "The record is of this {$word}.")];
    }
}
