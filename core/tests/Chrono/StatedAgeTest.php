<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\AgeConvention;
use NorthBough\Core\Chrono\CalendarInterval;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\Difference;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Chrono\RegistrationDelay;
use NorthBough\Core\Chrono\StatedAge;
use NorthBough\Core\Chrono\Weekday;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StatedAgeTest extends TestCase
{
    #[DataProvider('ages')]
    public function test_days_of_birth(string $age, AgeConvention $assertion, string $then, string $earliest, string $latest): void
    {
        $born = StatedAge::parse($age, $assertion)?->bornBySum(self::span($then));

        self::assertSame([$earliest, $latest], [IsoDay::orNull($born?->earliest), IsoDay::orNull($born?->latest)]);
    }

    /** @return iterable<string, array{string, AgeConvention, string, string, string}> */
    public static function ages(): iterable
    {
        $rows = [
            ['24', AgeConvention::Completed, '1 Jun 1900', '1875-06-02', '1876-06-01'],
            ['24', AgeConvention::Completed, '1900', '1875-01-02', '1876-12-31'],
            ['24', AgeConvention::Completed, 'Jun 1900', '1875-06-02', '1876-06-30'],
            ['in his 24th year', AgeConvention::Completed, '1 Jun 1900', '1876-06-02', '1877-06-01'],
            ['24', AgeConvention::Running, '1 Jun 1900', '1876-06-02', '1877-06-01'],
            ['25', AgeConvention::NextBirthday, '1 Jun 1900', '1875-06-02', '1876-06-01'],
            ['25', AgeConvention::Rounded, '6 Jun 1841', '1811-06-07', '1816-06-06'],
            ['15', AgeConvention::Rounded, '6 Jun 1841', '1825-06-07', '1826-06-06'],
            ['12', AgeConvention::Rounded, '6 Jun 1841', '1828-06-07', '1829-06-06'],
            ['23', AgeConvention::Rounded, '6 Jun 1841', '1817-06-07', '1818-06-06'],
            ['0', AgeConvention::Completed, '1 Jun 1900', '1899-06-02', '1900-06-01'],
            ['8 months', AgeConvention::Completed, '1 Jun 1900', '1899-09-02', '1899-10-01'],
            ['3 weeks', AgeConvention::Completed, '29 Jun 1900', '1900-06-02', '1900-06-08'],
            ['10 days', AgeConvention::Completed, '11 Jun 1900', '1900-06-01', '1900-06-01'],
            ['3y 2m 5d', AgeConvention::Completed, '10 Aug 1900', '1897-06-02', '1897-06-08'],
            ['66 years 3 months 4 days', AgeConvention::Completed, '10 May 1799', '1733-02-03', '1733-02-09'],
            ['1 year and 6 months', AgeConvention::Completed, '1 Jul 1900', '1898-12-02', '1899-01-01'],
            ['2½', AgeConvention::Completed, '1 Jul 1900', '1897-12-02', '1898-01-01'],
            ['24', AgeConvention::Completed, '29 Feb 1904', '1879-03-01', '1880-02-29'],
            ['aged 66', AgeConvention::Completed, '3 May 1799', '1732-05-04', '1733-05-03'],
        ];
        foreach ($rows as $row) {
            yield "{$row[0]} {$row[1]->value} on {$row[2]}" => $row;
        }
    }

    public function test_words_that_tell_no_age(): void
    {
        self::assertNull(StatedAge::parse('full age'));
        self::assertNull(StatedAge::parse('3 boats'));
        self::assertNull(StatedAge::parse(''));
    }

    /** A told age is soft by 2 years or a tenth of it, at most 5. */
    #[DataProvider('softness')]
    public function test_the_telling_is_soft(string $age, string $earliest, string $latest): void
    {
        $born = StatedAge::parse($age)?->born(self::span('1 Jun 1900'));

        self::assertSame([$earliest, $latest], [IsoDay::orNull($born?->earliest), IsoDay::orNull($born?->latest)]);
    }

    /** @return iterable<string, list<string>> */
    public static function softness(): iterable
    {
        yield 'two years for the young' => ['12', '1885-06-02', '1890-06-01'];
        yield 'a tenth at 34' => ['34', '1862-06-02', '1869-06-01'];
        yield 'five at the most' => ['88', '1806-06-02', '1817-06-01'];
    }

    public function test_a_told_birth_is_soft_at_both_edges_by_the_same_years(): void
    {
        $born = StatedAge::parse('24')?->born(self::span('1 Jun 1900'));

        self::assertSame([730, 730], [$born?->softBefore, $born?->softAfter]);
    }

    /** @param  list<int>  $lapse */
    #[DataProvider('lapses')]
    public function test_time_between_two_days(string $from, string $to, array $lapse, string $words): void
    {
        $counted = CalendarInterval::between(self::day($from), self::day($to));

        self::assertSame($lapse, [$counted->years, $counted->months, $counted->days]);
        self::assertSame($words, $counted->words());
        self::assertSame(self::day($to), $counted->after(self::day($from)));
    }

    /** @return iterable<string, array{string, string, list<int>, string}> */
    public static function lapses(): iterable
    {
        yield 'whole years' => ['14 Jun 1891', '14 Jun 1901', [10, 0, 0], '10 years'];
        yield 'a day short' => ['14 Jun 1891', '13 Jun 1901', [9, 11, 30], '9 years, 11 months and 30 days'];
        yield 'end of a month' => ['31 Jan 1900', '28 Feb 1900', [0, 1, 0], '1 month'];
        yield 'leap day' => ['29 Feb 1904', '28 Feb 1905', [1, 0, 0], '1 year'];
        yield 'the same day' => ['14 Jun 1891', '14 Jun 1891', [0, 0, 0], 'no time'];
        yield 'days alone' => ['14 Jun 1891', '15 Jun 1891', [0, 0, 1], '1 day'];
        yield 'over two centuries' => ['25 Mar 1690', '24 Mar 1901', [210, 11, 27], '210 years, 11 months and 27 days'];
    }

    public function test_time_between_two_dates_has_a_least_and_a_most(): void
    {
        self::assertSame('9 years and 1 day to 10 years, 11 months and 30 days', Difference::of(self::span('1891'), self::span('1901'))
            ?->words());
        self::assertSame('10 years', Difference::of(self::span('14 Jun 1891'), self::span('14 Jun 1901'))?->words());
        self::assertNull(Difference::of(self::span('1901'), self::span('1891')));
        self::assertNull(Difference::of(self::span('before 1901'), self::span('1910')));
    }

    public function test_time_is_added_to_a_span_and_taken_off(): void
    {
        $later = self::span('14 Jun 1891')->plus(new CalendarInterval(10, 1, 3));
        self::assertSame('1901-07-17', IsoDay::orNull($later->earliest));
        self::assertSame('1891-06-14', IsoDay::orNull($later->minus(new CalendarInterval(10, 1, 3))->latest));
    }

    public function test_a_registration_bounds_the_event_by_the_legal_delay(): void
    {
        $born = RegistrationDelay::event(self::span('Q2 1891'), 42);

        self::assertSame(['1891-02-18', '1891-06-30'], [IsoDay::orNull($born->earliest), IsoDay::orNull($born->latest)]);
    }

    public function test_days_of_the_week(): void
    {
        foreach (['14 Jun 1891' => 'Sunday', '1 Jan 2000' => 'Saturday', '15 Oct 1582' => 'Friday',
            '1 Jan 1753' => 'Monday'] as $day => $weekday) {
            self::assertSame($weekday, Weekday::of(self::day($day))->value);
        }
    }

    private static function span(string $words): DaySpan
    {
        return GenDate::parse($words)->span() ?? self::fail("No span in {$words}.");
    }

    private static function day(string $words): int
    {
        return (int) self::span($words)->earliest;
    }
}
