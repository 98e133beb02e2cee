<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Compare;

use NorthBough\Core\Chrono\AgeConvention;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\StatedAge;
use NorthBough\Core\Compare\BirthsFromAges;
use NorthBough\Core\Compare\Places;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A told age against a known birth, and places against one another: by how much they miss, and what of that is likeness. */
final class BirthsFromAgesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string, string}> age, day, known birth, verdict, ground */
    public static function ages(): iterable
    {
        yield 'to the year' => ['24', '2 Apr 1911', '1886', 'same', 'The age fits to the year.'];
        yield 'to the day before' => ['24', '2 Apr 1911', '2 Apr 1886', 'fits', 'The age is off by a year.'];
        yield 'the last day that fits' => ['24', '2 Apr 1911', '3 Apr 1886', 'same', 'The age fits to the year.'];
        yield 'the first day that fits' => ['24', '2 Apr 1911', '2 Apr 1887', 'same', 'The age fits to the year.'];
        yield 'a year off' => ['24', '2 Apr 1911', '1885', 'fits', 'The age is off by a year.'];
        yield 'three years off' => ['24', '2 Apr 1911', '1882', 'strains', 'The age is off by 3 years.'];
        yield 'nine years off' => ['24', '2 Apr 1911', '1877', 'strains', 'The age is off by 8 years.'];
        yield 'fifteen years off' => ['24', '2 Apr 1911', '1870', 'contradicts', 'The age is off by 15 years.'];
        yield 'too old' => ['70', '2 Apr 1911', '1860', 'contradicts', 'The age is off by 19 years.'];
        yield 'no birth is known' => ['24', '2 Apr 1911', 'when the kirk burned', 'incomparable', 'One of the two names no time.'];
    }

    #[DataProvider('ages')]
    public function test_an_age_against_a_birth(string $age, string $on, string $birth, string $verdict, string $ground): void
    {
        $sum = StatedAge::parse($age, AgeConvention::Completed)
            ?->bornBySum(GenDate::parse($on)->span() ?? DaySpan::between(null, null)) ?? DaySpan::between(null, null);
        $found = BirthsFromAges::compare($sum, GenDate::parse($birth)->span() ?? DaySpan::between(null, null));
        self::assertSame([$verdict, $ground], [$found->verdict->value, $found->ground]);
    }

    public function test_the_likeness_falls_with_every_year_and_is_the_same_both_ways(): void
    {
        $year = static fn (int $year): DaySpan => GenDate::parse((string) $year)->span() ?? throw new \LogicException('A year has days.');
        $before = 2.0;
        for ($apart = 0; $apart <= 14; $apart++) {
            $level = BirthsFromAges::compare($year(1850), $year(1850 + $apart))->level;
            self::assertSame($level, BirthsFromAges::compare($year(1850 + $apart), $year(1850))->level);
            // Two years that touch miss each other by a day.
            $apart > 11 ? self::assertSame(0.0, $level) : self::assertLessThan($before, $level, "{$apart} years");
            $before = $level;
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function places(): iterable
    {
        yield 'the same' => ['Hask, Marren Isles', 'hask,  marren isles', 'same'];
        yield 'marks on letters' => ['Hásk', 'Hask', 'same'];
        yield 'one inside the other' => ['Gannet Stair, Hask, Marren Isles', 'Hask, Marren Isles', 'fits'];
        yield 'the widest alone' => ['Gannet Stair, Hask, Marren Isles', 'Marren Isles', 'fits'];
        yield 'the smallest alone' => ['Gannet Stair, Hask, Marren Isles', 'Gannet Stair', 'fits'];
        yield 'one between is left out' => ['Gannet Stair, Hask, Marren Isles', 'Gannet Stair, Marren Isles', 'fits'];
        yield 'in another order' => ['Hask, Gannet Stair', 'Gannet Stair, Hask', 'incomparable'];
        yield 'two of one isle' => ['Hask, Marren Isles', 'Tolsay, Marren Isles', 'incomparable'];
        yield 'nothing in common' => ['Hask', 'Pellmouth, Westering', 'incomparable'];
        yield 'one is empty' => ['', 'Hask', 'incomparable'];
        yield 'commas alone' => [', ,', 'Hask', 'incomparable'];
    }

    #[DataProvider('places')]
    public function test_places(string $one, string $other, string $verdict): void
    {
        self::assertSame([$verdict, $verdict],
            [Places::compare($one, $other)->verdict->value, Places::compare($other, $one)->verdict->value]);
    }

    public function test_places_that_share_more_are_more_alike(): void
    {
        $level = static fn (string $other): float => Places::compare('Gannet Stair, Hask, Great Marren, Marren Isles', $other)->level;
        self::assertGreaterThan($level('Pellmouth'), $level('Tolsay, Marren Isles'));
        self::assertGreaterThan($level('Tolsay, Marren Isles'), $level('Kirkhaven, Great Marren, Marren Isles'));
        self::assertGreaterThan($level('Kirkhaven, Great Marren, Marren Isles'), $level('Great Marren, Marren Isles'));
    }
}
