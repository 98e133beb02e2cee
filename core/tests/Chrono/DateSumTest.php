<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\DateSum;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DateSumTest extends TestCase
{
    /** As typed; the answers, parted by bars. Days of the week and other calendars from printed perpetual calendars. */
    private const SUMS = [
        ['14 Jun 1818 to 3 May 1891', '72 years, 10 months and 19 days | 26,621 days'],
        ['= 14 Jun 1818 - 15 Jun 1818', '1 day | 1 day'],
        ['from 3 May 1891 to 14 June 1818', '72 years, 10 months and 19 days, the second first | 26,621 days'],
        ['1818 to 3 May 1891', '72 years, 4 months and 3 days to 73 years, 4 months and 2 days'],
        // The stone gives an age, and the day of birth is wanted.
        ['3 May 1891 - 72y 10m 19d', 'Sunday, 14 Jun 1818'],
        ['3 May 1891 − 72 years, 10 months and 19 days', 'Sunday, 14 Jun 1818'],
        ['14 Jun 1818 + 2 weeks 1 day', 'Monday, 29 Jun 1818'],
        ['31 Jan 1900 + 1m', 'Wednesday, 28 Feb 1900'],
        ['May 1891 - 10y', '1 May 1881 to 31 May 1881'],
        ['aft 1850 + 1y', '1 Jan 1852 to …'],
        ['14 July 1789', 'Tuesday, 14 Jul 1789 | 3 Jul 1789, Julian | 20 Tammuz 5549, Hebrew'],
        ['9 Nov 1799', 'Saturday, 9 Nov 1799 | 29 Oct 1799, Julian | 18 Brumaire an VIII, French Republican | 11 Cheshvan 5560, Hebrew'],
        ['3/4/1902', 'Thursday, 3 Apr 1902 | 21 Mar 1902, Julian | 25 Adar Sheni 5662, Hebrew | Tuesday, 4 Mar 1902 | 19 Feb 1902, Julian '
            .'| 25 Adar 5662, Hebrew'],
        ['when the kirk burned', ''],
        ['1891', ''],
        ['the kirk to 1891', ''],
        ['', ''],
    ];

    /** @return iterable<string, list<string>> */
    public static function sums(): iterable
    {
        foreach (self::SUMS as $row) {
            yield $row[0] => $row;
        }
    }

    #[DataProvider('sums')]
    public function test_a_sum_is_read_and_answered(string $typed, string $expected): void
    {
        self::assertSame($expected, implode(' | ', DateSum::read($typed)));
    }
}
