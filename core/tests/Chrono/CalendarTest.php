<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\Age;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\Calendar\UnknownCalendar;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\EmptySpan;
use NorthBough\Core\Chrono\GenDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CalendarTest extends TestCase
{
    /** Julian Day Numbers from the Explanatory Supplement's examples and the reform of 1582. */
    public function test_known_day_numbers(): void
    {
        self::assertSame(2451545, Calendars::gregorian()->toDay(2000, 1, 1));
        self::assertSame(2299161, Calendars::gregorian()->toDay(1582, 10, 15));
        self::assertSame(2299160, Calendars::julian()->toDay(1582, 10, 4));
        self::assertSame(2440588, Calendars::gregorian()->toDay(1970, 1, 1));
        self::assertSame([1582, 10, 15], Calendars::gregorian()->fromDay(2299161));
        self::assertSame([1582, 10, 4], Calendars::julian()->fromDay(2299160));
    }

    public function test_every_day_comes_back_and_days_follow_one_another(): void
    {
        mt_srand(1807);
        foreach (Calendars::all() as $calendar) {
            for ($round = 0; $round < 3000; $round++) {
                $day = mt_rand(1_500_000, 2_600_000);
                [$year, $month, $dayOfMonth] = $calendar->fromDay($day);
                self::assertSame($day, $calendar->toDay($year, $month, $dayOfMonth));
                self::assertLessThanOrEqual($calendar->daysInMonth($year, $month), $dayOfMonth);
            }
        }
    }

    public function test_a_calendar_that_is_not_known_says_so(): void
    {
        self::assertSame(Calendars::julian(), Calendars::named('julian'));
        $this->expectException(UnknownCalendar::class);
        Calendars::named('MAYAN');
    }

    public function test_a_span_cannot_end_before_it_begins(): void
    {
        $this->expectException(EmptySpan::class);
        DaySpan::between(10, 9);
    }

    public function test_a_hull_is_open_where_either_is(): void
    {
        $hull = DaySpan::between(1, 5)->hull(DaySpan::between(3, null));
        self::assertSame([1, null], [$hull->earliest, $hull->latest]);
    }

    #[DataProvider('ages')]
    public function test_age(string $birth, string $then, ?string $shown): void
    {
        $born = GenDate::parse($birth)->span() ?? DaySpan::between(null, null);
        $event = GenDate::parse($then)->span() ?? DaySpan::between(null, null);

        self::assertSame($shown, Age::at($born, $event)?->shown());
    }

    /** @return iterable<array{string, string, string|null}> */
    public static function ages(): iterable
    {
        yield ['14 Jun 1891', '13 Jun 1901', '9'];
        yield ['14 Jun 1891', '14 Jun 1901', '10'];
        yield ['1891', '1901', '9–10'];
        yield ['Jun 1891', 'Jul 1901', '10'];
        yield ['14 Jun 1891', '14 Jun 1891', '0'];
        yield ['about 1850', '1900', '47–52'];
        yield ['14 Jun 1891', '1890', null];
        yield ['before 1850', '1900', null];
    }
}
