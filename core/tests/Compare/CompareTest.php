<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Compare;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Compare\Places;
use NorthBough\Core\Compare\Sexes;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pairs of values with the verdict that a careful reader gives them; each also the other way round. */
final class CompareTest extends TestCase
{
    #[DataProvider('days')]
    public function test_days(string $one, string $other, string $verdict): void
    {
        [$first, $second] = [GenDate::parse($one), GenDate::parse($other)];
        self::assertSame([$verdict, $verdict],
            [Dates::compare($first, $second)->verdict->value, Dates::compare($second, $first)->verdict->value]);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function days(): iterable
    {
        $rows = [
            ['14 Jun 1891', '14 June 1891', 'same'],
            ['1891', '14 Jun 1891', 'fits'],
            ['1891', '1891', 'same'],
            ['Jun 1891', 'Q2 1891', 'fits'],
            ['14 Jun 1891', '15 Jun 1891', 'contradicts'],
            ['1890', '1891', 'contradicts'],
            ['about 1850', '1851', 'fits'],
            ['about 1850', '1853', 'strains'],
            ['about 1850', '1900', 'strains'],
            ['before 1850', '1849', 'fits'],
            ['before 1850', '1850', 'contradicts'],
            ['by 1850', '1850', 'fits'],
            ['after 1850', '1850', 'contradicts'],
            ['3/4/1902', '3 Apr 1902', 'same'],
            ['3/4/1902', '4 Mar 1902', 'same'],
            ['3/4/1902', '5 Mar 1902', 'contradicts'],
            ['10 Feb 1731', '10 Feb 1731/2', 'same'],
            ['from 1851 to 1860', '1855', 'fits'],
            ['from 1851 to 1860', '1900', 'incomparable'],
            ['from 1851', 'from 1870 to 1880', 'fits'],
            ['spring 1891', '2 Jun 1891', 'strains'],
            ['spring 1891', 'Apr 1891', 'fits'],
            ['the year of the storm', '1891', 'incomparable'],
            ['18 Brumaire an VIII', '9 Nov 1799', 'same'],
        ];
        foreach ($rows as $row) {
            yield "{$row[0]} and {$row[1]}" => $row;
        }
    }

    #[DataProvider('names')]
    public function test_names(string $one, string $other, string $verdict): void
    {
        [$first, $second] = [PersonalName::parse($one), PersonalName::parse($other)];
        self::assertSame([$verdict, $verdict],
            [PersonalNames::compare($first, $second)->verdict->value, PersonalNames::compare($second, $first)->verdict->value]);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function names(): iterable
    {
        $rows = [
            ['Ewan Tarrel', 'Ewan /TARREL/', 'same'],
            ['Keziah Osk', 'Hezzy Osk', 'fits'],
            ['Ewan John Tarrel', 'Ewan Tarrel', 'fits'],
            ['E. Tarrel', 'Ewan Tarrel', 'fits'],
            ['Isbel Quillan', 'Isbel Kwillan', 'fits'],
            ['Isbel Fenwhistle', 'Isbel Fenwhistler', 'strains'],
            ['Ewan Tarrel', 'Magnus Tarrel', 'incomparable'],
            ['Keziah Osk', 'Keziah Drum', 'incomparable'],
            ['/Tarrel/', 'Ewan Tarrel', 'same'],
            ['?', 'Ewan Tarrel', 'incomparable'],
        ];
        foreach ($rows as $row) {
            yield "{$row[0]} and {$row[1]}" => $row;
        }
    }

    public function test_sexes(): void
    {
        self::assertSame(['same', 'contradicts', 'incomparable'], array_map(
            static fn (array $pair): string => Sexes::compare(...$pair)->verdict->value,
            [[Sex::Male, Sex::Male], [Sex::Male, Sex::Female], [Sex::Unknown, Sex::Female]],
        ));
    }

    public function test_places(): void
    {
        $rows = [
            ['Hask, Marren Isles', 'Hask, Marren Isles', 'same'],
            ['Gannet Stair, Hask, Marren Isles', 'Hask, Marren Isles', 'fits'],
            ['Kirkhaven, Marren Isles', 'Kirkhaven, Great Marren, Marren Isles', 'fits'],
            ['Kirkhaven, Marren Isles', 'Pellmouth, Westering', 'incomparable'],
            ['', 'Pellmouth', 'incomparable'],
        ];
        foreach ($rows as [$one, $other, $verdict]) {
            self::assertSame($verdict, Places::compare($one, $other)->verdict->value, "{$one} and {$other}");
        }
    }

    /** The nearer two values are, the higher the level; equal ones have the highest. */
    public function test_levels_fall_with_distance(): void
    {
        $levels = array_map(static fn (string $date): float => Dates::compare(GenDate::parse('1850'), GenDate::parse($date))->level,
            ['1850', 'Jun 1850', '1851', '1855', '1900']);
        $sorted = $levels;
        rsort($sorted);
        self::assertSame($sorted, $levels);
        self::assertSame(1.0, $levels[0]);
    }
}
