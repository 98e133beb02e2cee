<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Naming\SoundCode;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/** Whom to fetch from a large tree before a line is lined up: by how the surname sounds, the forms of the given name, and the days of birth. */
final readonly class LookFor
{
    /** Years by which a told age may be off and still be looked at. */
    private const YEARS = 6;

    /**
     * @param  list<string>  $surnameSounds
     * @param  list<string>  $givenForms  folded
     */
    private function __construct(public array $surnameSounds, public string $surname, public array $givenForms, public ?int $bornFrom, public ?int $bornTo)
    {
    }

    public static function of(Roll $roll, RollLine $line, NameVariants $variants): self
    {
        $sounds = [];
        $forms = [];
        foreach ($roll->names($line) as $name) {
            $given = explode(' ', SearchForm::of($name->given))[0];
            array_push($sounds, ...SoundCode::each($name->wholeSurname()));
            array_push($forms, ...($given === '' ? [] : [$given, ...$variants->of($given)]));
        }
        $told = $roll->date->span();
        $born = $roll->born($line)?->softenedBy(self::YEARS, 0, 0);

        return new self(
            array_values(array_unique($sounds)), SearchForm::of($roll->name($line)->wholeSurname()), array_values(array_unique($forms)),
            // Without an age, nobody who is much older than a hundred is on a roll of the living.
            $born->earliest ?? ($told?->earliest === null ? null : $told->earliest - 40000), $born->latest ?? $told?->latest,
        );
    }
}
