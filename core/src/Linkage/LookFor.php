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
        $name = $roll->name($line);
        $given = explode(' ', SearchForm::of($name->given))[0];
        $told = $roll->date->span();
        $born = $roll->born($line)?->softenedBy(self::YEARS, 0, 0);

        return new self(
            SoundCode::each($name->wholeSurname()), SearchForm::of($name->wholeSurname()), $given === '' ? [] : [$given, ...$variants->of($given)],
            // Without an age, nobody who is much older than a hundred is on a roll of the living.
            $born->earliest ?? ($told?->earliest === null ? null : $told->earliest - 40000), $born->latest ?? $told?->latest,
        );
    }
}
