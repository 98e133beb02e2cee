<?php

declare(strict_types=1);

namespace NorthBough\Core\Record\Inference;

use NorthBough\Core\Record\Assertion;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Tree\EventKinds;

/** What the record is of: the baptism of its child, the wedding of its couple, the burial of its dead. */
final class PrincipalEventInference implements InferenceRule
{
    /** The column that tells when itself, where the day of the record is another: that of the registration, of the paper. */
    private const TELLS = ['birth' => [ColumnMeaning::BirthDate, ColumnMeaning::BirthPlace],
        'death' => [ColumnMeaning::DeathDate, ColumnMeaning::DeathPlace]];

    public function name(): string
    {
        return 'what the record is of';
    }

    public function follow(Roll $roll, RollLine $line): array
    {
        $kind = $roll->kind;
        if ($kind->event === '' || $kind->eventIsOfAll || $roll->tie($line) !== RoleRelation::Principal) {
            return [];
        }
        $word = mb_strtolower(EventKinds::named($kind->event)->word);
        if (EventKinds::named($kind->event)->ofUnion) {
            $partner = $roll->firstTied($line, RoleRelation::Partner);

            return $partner === null ? []
                : [Assertion::ofCouple($line->id, $partner->id, $kind->event, $roll->date, $roll->place,
                    "{$line->name} and {$partner->name}")
                    ->by($this->name(), "The record is of their {$word}.")];
        }
        if (isset(self::TELLS[$kind->event])) {
            [$when, $where] = self::TELLS[$kind->event];
            $written = $roll->written($line, $when);
            $place = $roll->written($line, $where);

            return $written.$place === '' ? []
                : [Assertion::ofPerson($line->id, $kind->event, $roll->day($written), $place, '', trim("{$written}, {$place}", ', '))
                    ->by($this->name(), "The record is of this {$word}, and says when and where.")];
        }

        return [Assertion::ofPerson($line->id, $kind->event, $roll->date, $roll->place, '', $line->name)
            ->by($this->name(), "The record is of this {$word}.")];
    }
}
