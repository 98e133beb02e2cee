<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Hemisphere;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Feasts by the church's tables of Easter, weekdays, and seasons by hemisphere. */
final class FeastTableTest extends TestCase
{
    use ReadsDates;

    #[DataProvider('feasts')]
    public function test_reads(string $typed, string $spans): void
    {
        self::assertSame($spans, self::spans(GenDate::parse($typed)));
    }

    /** @return iterable<string, list<string>> */
    public static function feasts(): iterable
    {
        yield from self::named([
            ['Lady Day 1802', '1802-03-25'],
            ['Midsummer 1802', '1802-06-24'],
            ['Midsummer Day 1802', '1802-06-24'],
            ['Michaelmas 1802', '1802-09-29'],
            ['michaelmas, 1802', '1802-09-29'],
            ['Christmas 1802', '1802-12-25'],
            ['Christmas Day 1802', '1802-12-25'],
            ['Christmas Eve 1802', '1802-12-24'],
            ['Candlemas 1802', '1802-02-02'],
            ['Lammas 1802', '1802-08-01'],
            ['Martinmas 1802', '1802-11-11'],
            ['All Saints 1802', '1802-11-01'],
            ['All Saints\' Day 1802', '1802-11-01'],
            ['the feast of St Andrew 1802', '1802-11-30'],
            ['St. Andrew\'s Day 1802', '1802-11-30'],
            ['Saint Stephen 1802', '1802-12-26'],
            ['Epiphany 1802', '1802-01-06'],
            ['New Year\'s Day 1802', '1802-01-01'],
            // The earliest and the latest Easter that there can be, and years between.
            ['Easter 1818', '1818-03-22'],
            ['Easter 1886', '1886-04-25'],
            ['Easter 1943', '1943-04-25'],
            ['Easter 1913', '1913-03-23'],
            ['Easter Sunday 1901', '1901-04-07'],
            ['Easter Day 1850', '1850-03-31'],
            ['Easter Monday 1901', '1901-04-08'],
            ['Easter Monday 1916', '1916-04-24'],
            ['Good Friday 1901', '1901-04-05'],
            ['Palm Sunday 1901', '1901-03-31'],
            ['Maundy Thursday 1901', '1901-04-04'],
            ['Ash Wednesday 1901', '1901-02-20'],
            ['Shrove Tuesday 1901', '1901-02-19'],
            ['Ascension Day 1901', '1901-05-16'],
            ['Whit Sunday 1901', '1901-05-26'],
            ['Whitsun 1901', '1901-05-26'],
            ['Whit Monday 1901', '1901-05-27'],
            ['Trinity Sunday 1901', '1901-06-02'],
            ['Corpus Christi 1901', '1901-06-06'],
            ['Easter 1961', '1961-04-02'],
            ['Easter 2000', '2000-04-23'],
            // A season's three months; the one over New Year is named by its first year.
            ['spring 1891', '1891-03-01..1891-05-31'],
            ['Summer 1891', '1891-06-01..1891-08-31'],
            ['autumn of 1891', '1891-09-01..1891-11-30'],
            ['fall 1891', '1891-09-01..1891-11-30'],
            ['winter 1891', '1891-12-01..1892-02-29'],
            ['winter 1890/91', '1890-12-01..1891-02-28'],
            ['winter 1890-1891', '1890-12-01..1891-02-28'],
            ['winter 1890/95', ''],
            // The weekday settles what the numbers leave open, and is told when it cannot be.
            ['Sunday 14 June 1891', '1891-06-14'],
            ['Sunday, June 14, 1891', '1891-06-14'],
            ['Thu 3/4/1902', '1902-04-03'],
            ['Tuesday 3/4/1902', '1902-03-04'],
            ['Saturday 10 Feb 1731', '1731-02-10'],
            ['Thursday 10 Feb 1731', '1732-02-21'],
            ['Monday 14 June 1891', '1891-06-14'],
        ]);
    }

    #[DataProvider('oldFeasts')]
    public function test_feasts_fall_by_the_calendar_of_the_place(string $typed, string $spans): void
    {
        self::assertSame($spans, self::spans(GenDate::parse($typed, DatingConvention::oldStyle(null))));
    }

    /** @return iterable<string, list<string>> */
    public static function oldFeasts(): iterable
    {
        yield from self::named([
            ['Easter 1732', '1732-04-20'],
            ['Easter 1688', '1688-04-25'],
            ['Easter Monday 1666', '1666-04-26'],
            ['Michaelmas 1690', '1690-10-09'],
            ['Lady Day 1690', '1690-04-04'],
            ['Christmas 1690', '1691-01-04'],
        ]);
    }

    #[DataProvider('southern')]
    public function test_seasons_follow_the_hemisphere(string $typed, string $spans): void
    {
        self::assertSame($spans, self::spans(GenDate::parse($typed, DatingConvention::unknown()->on(Hemisphere::South))));
    }

    /** @return iterable<string, list<string>> */
    public static function southern(): iterable
    {
        yield from self::named([
            ['spring 1891', '1891-09-01..1891-11-30'],
            ['summer 1891', '1891-12-01..1892-02-29'],
            ['autumn 1891', '1891-03-01..1891-05-31'],
            ['winter 1891', '1891-06-01..1891-08-31'],
        ]);
    }

    public function test_the_edges_of_a_season_are_soft_and_a_winter_says_that_it_spans_two_years(): void
    {
        $winter = GenDate::parse('winter 1890');
        self::assertSame('winter 1890/91, over New Year', $winter->shown);
        self::assertGreaterThan(0, $winter->span()?->softBefore);
        self::assertGreaterThan(0, $winter->span()?->softAfter);
    }

    public function test_a_weekday_that_does_not_agree_is_told(): void
    {
        self::assertSame('14 Jun 1891 was a Sunday, not a Monday.', GenDate::parse('Monday 14 June 1891')->problem);
    }
}
