<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Place;

use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Place\Gazetteer;
use NorthBough\Core\Place\Place;
use NorthBough\Core\Place\PlaceLink;
use NorthBough\Core\Place\ValidPeriod;
use NorthBough\Core\Place\ValidPeriodProblem;
use NorthBough\Core\Tests\Chrono\ReadsDates;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GazetteerTest extends TestCase
{
    use ReadsDates;

    private const PATHS = [
        ['harbour', '', 'Harbour, Tolsay, Marren Isles, Kingdom of Aldane'],
        ['harbour', '1770', 'Harbour, Tolsay, Great Marren, Lordship of Marren, Kingdom of Aldane'],
        ['harbour', '1782', 'Harbour, Tolsay, Lordship of Marren, Kingdom of Aldane'],
        ['harbour', '1899', 'Harbour, Tolsay, Lordship of Marren, Kingdom of Aldane'],
        ['harbour', '1900', 'Harbour, Tolsay, Marren Isles, Kingdom of Aldane'],
        ['kirkhaven', '1620', 'Kirkhamn, Great Marren, Lordship of Marren, Kingdom of Aldane'],
        ['amberlode', '1855', 'Settlement Cove, New Ellandry'],
        ['amberlode', '1891', 'Port Amberlode, New Ellandry'],
        ['cove', '1855', 'Settlement Cove'],
        ['cove', '1871', 'Settlement Cove, New Ellandry'],
        ['nowhere', '', ''],
    ];

    private const CHURCHES = [
        ['tolsay', '1770', 'bregan'],
        ['tolsay', '1800', 'osmund'],
        // No church of its own: that of the place around it served it.
        ['harbour', '1800', 'osmund'],
        ['hask', '1790', 'osmund'],
        ['light', '1850', 'osmund'],
        ['hask', '1740', ''],
        ['pellmouth', '1800', ''],
    ];

    /** A place, words, and the days that they are there. */
    private const DATES = [
        // Known to be old style, a bare day before Lady Day has one reading: the year that is ours is the next.
        ['kirkhaven', '10 Feb 1731', '1732-02-21'],
        ['light', '10 Feb 1731', '1732-02-21'],
        ['light', '25 Mar 1731', '1731-04-05'],
        ['light', '31 December 1752', '1753-01-11'],
        ['light', '12 January 1753', '1753-01-12'],
        ['light', '14 June 1891', '1891-06-14'],
        // Elsewhere nothing is said, and both stand.
        ['pellmouth', '10 Feb 1731', '1731-02-10 or 1732-02-21'],
        // The colony writes the month first, its port the day.
        ['ellandry', '3/4/1902', '1902-03-04'],
        ['amberlode', '3/4/1902', '1902-04-03'],
        ['pellmouth', '3/4/1902', '1902-04-03 or 1902-03-04'],
        // Spring is in September there.
        ['amberlode', 'spring 1891', '1891-09-01..1891-11-30'],
        ['pellmouth', 'spring 1891', '1891-03-01..1891-05-31'],
    ];

    /** @return iterable<string, non-empty-list<string>> */
    public static function paths(): iterable
    {
        return self::named(self::PATHS);
    }

    #[DataProvider('paths')]
    public function test_jurisdictions_are_those_of_the_time(string $place, string $when, string $expected): void
    {
        self::assertSame($expected, implode(', ', Marren::gazetteer()->path($place, GenDate::parse($when)->span())));
    }

    /** @return iterable<string, non-empty-list<string>> */
    public static function churches(): iterable
    {
        return self::named(self::CHURCHES);
    }

    #[DataProvider('churches')]
    public function test_the_church_is_that_of_the_time(string $place, string $when, string $expected): void
    {
        self::assertSame($expected, Marren::gazetteer()->churchOf($place, GenDate::parse($when)->span())->id ?? '');
    }

    /** @return iterable<string, non-empty-list<string>> */
    public static function dates(): iterable
    {
        return self::named(self::DATES);
    }

    #[DataProvider('dates')]
    public function test_dates_are_read_as_the_place_wrote_them(string $place, string $typed, string $expected): void
    {
        self::assertSame($expected,
            self::spans(GenDate::parse($typed, Marren::gazetteer()->reckoning($place, DatingConvention::unknown()))));
    }

    public function test_places_inside_each_other_do_not_turn_for_ever(): void
    {
        $in = static fn (string $id): array => [new PlaceLink($id, ValidPeriod::always())];
        $gazetteer = Gazetteer::of([new Place('a', 'A', [], $in('b')), new Place('b', 'B', [], $in('a'))]);

        self::assertSame(['A', 'B'], $gazetteer->path('a'));
        self::assertSame(['b'], array_column($gazetteer->around('a'), 'id'));
    }

    public function test_a_tenure_that_ends_before_it_begins_is_refused(): void
    {
        $this->expectException(ValidPeriodProblem::class);
        ValidPeriod::typed('1900', '1782');
    }

    public function test_a_tenure_whose_words_name_no_day_is_refused(): void
    {
        $this->expectExceptionMessage('No day was understood in “when the kirk burned”. A year is enough, such as 1782.');
        ValidPeriod::typed('when the kirk burned', '');
    }
}
