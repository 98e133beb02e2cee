<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Naming\SoundCode;
use NorthBough\Core\Record\Presence;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Sex;

/**
 * Whom to fetch from a large tree before a line is lined up: by how the surname sounds, the forms of the given name, and
 * the days of birth; whose birth or death the record is of, by the given name and that day too, whatever the surname.
 */
final readonly class CandidateQuery
{
    /** Years by which a told age may be off and still be looked at. */
    private const YEARS = 6;

    /**
     * @param  list<string>  $surnameSounds
     * @param  list<string>  $givenForms  folded
     * @param  int|null  $bornAbout  the likeliest day of birth, to take the nearest first; null where nothing tells of it
     * @param  DaySpan|null  $bornThen  of the one whose birth or baptism it is, or of a woman whose death it is
     * @param  DaySpan|null  $diedThen  of the one whose death or burial it is
     */
    private function __construct(
        public array $surnameSounds,
        public string $surname,
        public array $givenForms,
        public ?int $bornFrom,
        public ?int $bornTo,
        public ?int $bornAbout,
        public ?DaySpan $bornThen,
        public ?DaySpan $diedThen,
        public bool $isMan,
    ) {
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
        $recordSpan = $roll->date->span();
        $day = $recordSpan->earliest ?? $recordSpan?->latest;
        $presence = Presence::of($roll, $line);
        $born = $roll->born($line)?->softenedBy(self::YEARS, 0, 0);
        $about = $born?->earliest !== null && $born->latest !== null ? intdiv($born->earliest + $born->latest, 2)
            : ($day === null ? null : $day - (int) (365.25 * self::usualAge($presence)));

        return new self(
            array_values(array_unique($sounds)), SearchForm::of($roll->name($line)->wholeSurname()), array_values(array_unique($forms)),
            // Without an age, nobody who is much older than a hundred is on a roll of the living.
            $born->earliest ?? ($recordSpan?->earliest === null ? null : $recordSpan->earliest - 40000),
            $born->latest ?? $recordSpan?->latest, $about,
            match (true) {
                $day === null => null,
                $presence === Presence::Born => self::within($roll->born($line), $day, 500),
                // A woman who died may stand under the name of a husband whom nobody knows.
                $presence === Presence::Dead && $roll->sex($line) !== Sex::Male
                    && $roll->born($line) !== null => self::within($roll->born($line), $day, 0),
                default => null,
            },
            $presence === Presence::Dead && $day !== null ? DaySpan::between($day - 400, $day + 60) : null,
            $roll->sex($line) === Sex::Male,
        );
    }

    private static function within(?DaySpan $born, int $day, int $days): DaySpan
    {
        return $born?->earliest !== null && $born->latest !== null ? DaySpan::between($born->earliest - 366, $born->latest + 366)
            : DaySpan::between($day - $days, $day);
    }

    /** In years, on the day of the record. */
    private static function usualAge(Presence $presence): int
    {
        return match ($presence) {
            Presence::Born => 0,
            Presence::Wed => 26,
            Presence::Mother, Presence::Father => 31,
            Presence::ParentOfGrown => 57,
            Presence::There, Presence::Named => 40,
            Presence::Dead => 55,
        };
    }
}
