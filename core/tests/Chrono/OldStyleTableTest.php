<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DayOrder;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\YearStart;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Years that did not begin on 1 January, and months by number. Julian days are ten behind until 28 February
 * 1699/1700 (Julian), eleven from 29 February. The parish books of Marren are Julian, the year from 25 March,
 * until 31 December 1752, which 12 January 1753 followed.
 */
final class OldStyleTableTest extends TestCase
{
    use ReadsDates;

    #[DataProvider('dates')]
    public function test_reads(string $convention, string $typed, string $spans, string $shown): void
    {
        $date = GenDate::parse($typed, self::reckoning($convention));

        self::assertSame([$spans, $shown], [self::spans($date), $date->shown]);
    }

    /** @return iterable<string, list<string>> */
    public static function dates(): iterable
    {
        yield from self::named([
            // A 25 March year without end: before Lady Day the year is the next of ours.
            ['old', '10 February 1731', '1732-02-21', '10 Feb 1731/2'],
            ['old', '1 Jan 1731', '1732-01-12', '1 Jan 1731/2'],
            ['old', '24 Mar 1731', '1732-04-04', '24 Mar 1731/2'],
            ['old', '25 Mar 1731', '1731-04-05', '25 Mar 1731'],
            ['old', '31 Dec 1731', '1732-01-11', '31 Dec 1731'],
            ['old', '14 June 1731', '1731-06-25', '14 Jun 1731'],
            ['old', '29 Feb 1731', '1732-03-11', '29 Feb 1731/2'],
            ['old', '29 Feb 1732', '', '29 Feb 1732'],
            ['old', '29 Feb 1699', '1700-03-11', '29 Feb 1699/00'],
            ['old', '28 Feb 1699', '1700-03-10', '28 Feb 1699/00'],
            ['old', '1 Mar 1699', '1700-03-12', '1 Mar 1699/00'],
            ['old', '10 Feb 1731/2', '1732-02-21', '10 Feb 1731/2'],
            ['old', 'Jan 1690', '1691-01-11..1691-02-10', 'Jan 1690/1'],
            ['old', 'Feb 1731', '1732-02-12..1732-03-11', 'Feb 1731/2'],
            ['old', 'Apr 1731', '1731-04-12..1731-05-11', 'Apr 1731'],
            ['old', 'Mar 1731', '1731-04-05..1731-04-11 or 1732-03-12..1732-04-04', 'end of Mar 1731 or Mar 1731/2'],
            ['old', '1731', '1731-04-05..1732-04-04', '1731'],
            ['old', 'bet 1731 and 1735', '1731-04-05..1736-04-04', 'between 1731 and 1735'],
            ['old', 'before 1731', '..1731-04-04', 'before 1731'],
            ['old', 'after 1731', '1732-04-05..', 'after 1731'],
            ['old', 'from 1731 to 1733', '1731-04-05..1734-04-04', 'from 1731 to 1733'],
            ['old', '2.10.1731', '1731-10-13', '2 Oct 1731'],
            ['old', 'Candlemas 1731', '1732-02-13', 'Candlemas, 2 Feb 1731/2'],
            ['old', 'Michaelmas 1731', '1731-10-10', 'Michaelmas, 29 Sep 1731'],
            ['old', '1731-02-10', '1731-02-10', '10 Feb 1731'],
            // Marren: the same until the last old day, then ours; what fell out was never written.
            ['marren', '10 Feb 1750', '1751-02-21', '10 Feb 1750/1'],
            ['marren', '31 Dec 1752', '1753-01-11', '31 Dec 1752'],
            ['marren', '12 Jan 1753', '1753-01-12', '12 Jan 1753'],
            ['marren', '11 Jan 1753', '', '11 Jan 1753'],
            ['marren', '10 Feb 1752', '', '10 Feb 1752'],
            ['marren', '10 Feb 1751', '1752-02-21', '10 Feb 1751/2'],
            ['marren', '10 Feb 1753', '1753-02-10', '10 Feb 1753'],
            ['marren', '25 Mar 1753', '1753-03-25', '25 Mar 1753'],
            ['marren', 'Jan 1753', '1753-01-12..1753-01-31', 'Jan 1753'],
            ['marren', 'Dec 1752', '1752-12-12..1753-01-11', 'Dec 1752'],
            ['marren', '1752', '1752-04-05..1753-01-11', '1752'],
            ['marren', '1753', '1753-01-12..1753-12-31', '1753'],
            ['marren', '1754', '1754-01-01..1754-12-31', '1754'],
            ['marren', '3/4/1902', '1902-04-03 or 1902-03-04', '3 Apr 1902 or 4 Mar 1902'],
            // Other beginnings of the year.
            ['march', '10 Feb 1500', '1501-02-20', '10 Feb 1501'],
            ['march', '10 Mar 1500', '1500-03-20', '10 Mar 1500'],
            ['christmas', '26 Dec 1400', '1400-01-03', '26 Dec 1399'],
            ['christmas', '24 Dec 1400', '1401-01-02', '24 Dec 1400'],
            ['september', '1 Sep 1650', '1649-09-11', '1 Sep 1649'],
            ['september', '31 Aug 1650', '1650-09-10', '31 Aug 1650'],
            // Nothing known: ours, and before Lady Day the other reading beside it.
            ['unknown', '10 February 1731', '1731-02-10 or 1732-02-21', '10 Feb 1731 or 10 Feb 1731/2'],
            ['unknown', '24 Mar 1690', '1690-03-24 or 1691-04-03', '24 Mar 1690 or 24 Mar 1690/1'],
            ['unknown', '25 Mar 1690', '1690-03-25', '25 Mar 1690'],
            ['unknown', '14 June 1731', '1731-06-14', '14 Jun 1731'],
            ['unknown', 'Feb 1731', '1731-02-01..1731-02-28 or 1732-02-12..1732-03-11', 'Feb 1731 or Feb 1731/2'],
            ['unknown', 'Mar 1731', '1731-03-01..1731-03-31 or 1732-03-12..1732-04-04', 'Mar 1731 or Mar 1731/2'],
            ['unknown', '10 Feb 1751', '1751-02-10 or 1752-02-21', '10 Feb 1751 or 10 Feb 1751/2'],
            ['unknown', '10 Feb 1752', '1752-02-10', '10 Feb 1752'],
            ['unknown', '29 Feb 1731', '1732-03-11', '29 Feb 1731/2'],
            ['unknown', '1731', '1731-01-01..1731-12-31', '1731'],
            ['unknown', 'about 10 Feb 1731', '1731-01-27..1731-02-24 or 1732-02-07..1732-03-06', 'about 10 Feb 1731 or 10 Feb 1731/2'],
            ['unknown', '10 June 1731/2', '1731-06-21', '10 Jun 1731'],
            ['unknown', '1731/2', '1731-01-12..1732-01-11 or 1732-01-12..1733-01-11', '1731 or 1732'],
            // A file names its calendar, or means ours.
            ['file', '10 FEB 1731', '1731-02-10', '10 Feb 1731'],
            ['file', 'JULIAN 10 FEB 1732', '1732-02-21', '10 Feb 1732'],
            ['file', 'FEB 1731', '1731-02-01..1731-02-28', 'Feb 1731'],
            // Months by number: from March in an old year, which is the rule before 1752.
            ['unknown', '3rd mo 1701', '1701-05-12..1701-06-11', 'May 1701'],
            ['unknown', '3rd month 1701', '1701-05-12..1701-06-11', 'May 1701'],
            ['unknown', 'third month 1701', '1701-05-12..1701-06-11', 'May 1701'],
            ['unknown', '5th day of 3rd month 1701', '1701-05-16', '5 May 1701'],
            ['unknown', '5 3mo 1701', '1701-05-16', '5 May 1701'],
            ['unknown', '3mo 5 1701', '1701-05-16', '5 May 1701'],
            ['unknown', '5th of the 3rd mo. 1701', '1701-05-16', '5 May 1701'],
            ['unknown', '10th mo 1701', '1701-12-12..1702-01-11', 'Dec 1701'],
            ['unknown', '11th mo 1701', '1702-01-12..1702-02-11', 'Jan 1701/2'],
            ['unknown', '12th mo 1701', '1702-02-12..1702-03-11', 'Feb 1701/2'],
            ['unknown', '4 12mo 1701', '1702-02-15', '4 Feb 1701/2'],
            ['unknown', '4 12mo 1701/2', '1702-02-15', '4 Feb 1701/2'],
            ['unknown', '3rd mo 1801', '1801-03-01..1801-03-31', 'Mar 1801'],
            ['unknown', '5th day of 3rd month 1801', '1801-03-05', '5 Mar 1801'],
            ['unknown', '13th mo 1701', '', '13th mo 1701'],
            ['old', '2nd mo 1701', '1701-04-12..1701-05-11', 'Apr 1701'],
            ['marren', '3rd mo 1753', '1753-03-01..1753-03-31', 'Mar 1753'],
            ['january', '3rd mo 1701', '1701-03-12..1701-04-11', 'Mar 1701'],
            ['unknown', '7ber 1690', '1690-09-01..1690-09-30', 'Sep 1690'],
            ['unknown', '8ber 1690', '1690-10-01..1690-10-31', 'Oct 1690'],
            ['unknown', '3 9ber 1690', '1690-11-03', '3 Nov 1690'],
            ['old', '3 Xber 1690', '1690-12-13', '3 Dec 1690'],
            ['old', '3 Xbris 1690', '1690-12-13', '3 Dec 1690'],
        ]);
    }

    private static function reckoning(string $name): DatingConvention
    {
        $julian = Calendars::julian();

        return match ($name) {
            'old' => DatingConvention::oldStyle(null),
            'marren' => DatingConvention::oldStyle($julian->toDay(1752, 12, 31)),
            'march' => DatingConvention::of(DayOrder::Unsettled, $julian, YearStart::March, null),
            'christmas' => DatingConvention::of(DayOrder::Unsettled, $julian, YearStart::Christmas, null),
            'september' => DatingConvention::of(DayOrder::Unsettled, $julian, YearStart::September, null),
            'january' => DatingConvention::of(DayOrder::Unsettled, $julian, YearStart::January, null),
            'file' => DatingConvention::ofVersion7(),
            default => DatingConvention::unknown(),
        };
    }

    public function test_says_what_the_change_of_calendar_left_out(): void
    {
        self::assertSame(
            'There was no 10 February 1752 in this reckoning: the calendar was changed over it.',
            GenDate::parse('10 Feb 1752', self::reckoning('marren'))->problem,
        );
    }

    public function test_a_double_year_after_lady_day_is_told(): void
    {
        self::assertStringContainsString('only from 1 January to 24 March', GenDate::parse('10 June 1731/2')->problem);
    }
}
