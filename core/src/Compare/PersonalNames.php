<?php

declare(strict_types=1);

namespace NorthBough\Core\Compare;

use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Naming\SoundCode;

/**
 * Two names as they are written. Names never contradict: people have many, and clerks spell. They are the same, fit
 * (a known variant, an initial, a second name left out), strain (heard alike or a letter off), or tell nothing.
 */
final class PersonalNames
{
    private const ALIKE = 0.8;

    private const SOMEWHAT_ALIKE = 0.65;

    private const LOOKS_ALIKE = 0.6;

    public static function compare(PersonalName $personalName, PersonalName $otherName, ?NameVariants $variants = null): Comparison
    {
        $given = self::given($personalName->given, $otherName->given, $variants ?? NameVariants::usual());
        $surname = self::word($personalName->surname, $otherName->surname);
        $known = array_values(array_filter([$given, $surname], static fn (?Comparison $part): bool => $part !== null));
        if ($known === []) {
            return Comparison::incomparable('No part of the name is told of both.');
        }
        $worst = $known[0];
        foreach ($known as $part) {
            $worst = $worst->verdict->orKinder($part->verdict) === $worst->verdict ? $part : $worst;
        }
        $level = array_sum(array_column($known, 'level')) / count($known);

        return new Comparison($worst->verdict, implode(' ', array_unique(array_column($known, 'ground'))), $level);
    }

    private static function given(string $word, string $otherWord, NameVariants $variants): ?Comparison
    {
        $mine = array_values(array_filter(explode(' ', SearchForm::of($word))));
        $theirs = array_values(array_filter(explode(' ', SearchForm::of($otherWord))));
        if ($mine === [] || $theirs === []) {
            return null;
        }
        if ($mine === $theirs) {
            return new Comparison(Verdict::Same, "{$word} is the same.", 1.0);
        }
        [$first, $second] = [$mine[0], $theirs[0]];

        return match (true) {
            $first === $second => new Comparison(Verdict::Fits, "{$word} and {$otherWord} begin alike.", 0.9),
            $variants->areVariants($first, $second) => new Comparison(Verdict::Fits, "{$otherWord} is a form of {$word}.", 0.85),
            strlen($first) === 1 && str_starts_with($second, $first),
            strlen($second) === 1
                && str_starts_with($first, $second) => new Comparison(Verdict::Fits, "{$word} and {$otherWord} can be one name.", 0.7),
            default => self::givenWord(explode(' ', trim($word))[0], explode(' ', trim($otherWord))[0]),
        };
    }

    /** Short given names sound alike soon (Ann, Ewan): they must look alike too. */
    private static function givenWord(string $firstWord, string $otherWord): ?Comparison
    {
        $word = self::word($firstWord, $otherWord);
        similar_text(SearchForm::of($firstWord), SearchForm::of($otherWord), $percent);

        return $word?->level === 0.8 && $percent / 100 < self::LOOKS_ALIKE ? new Comparison(Verdict::Strains, $word->ground, 0.4) : $word;
    }

    private static function word(string $word, string $otherWord): ?Comparison
    {
        [$mine, $theirs] = [SearchForm::of($word), SearchForm::of($otherWord)];
        if ($mine === '' || $theirs === '') {
            return null;
        }
        if ($mine === $theirs) {
            return new Comparison(Verdict::Same, "{$word} is the same.", 1.0);
        }
        similar_text($mine, $theirs, $percent);
        $isHeardAlike = SoundCode::of($mine) !== '' && SoundCode::of($mine) === SoundCode::of($theirs);

        return match (true) {
            $isHeardAlike => new Comparison(Verdict::Fits, "{$word} and {$otherWord} sound alike.", 0.8),
            $percent / 100 >= self::ALIKE => new Comparison(Verdict::Strains, "{$word} and {$otherWord} are a letter or two apart.", 0.6),
            default => new Comparison(Verdict::Incomparable, "{$word} and {$otherWord} are different names.",
                $percent / 100 >= self::SOMEWHAT_ALIKE ? 0.3 : 0.1),
        };
    }
}
