<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DayOrder;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Known answers, worked out by hand from the calendar and the rules of dates. */
final class DateTableTest extends TestCase
{
    #[DataProvider('dates')]
    public function test_reads(string $typed, string $kind, string $precision, string $earliest, string $latest, string $normal): void
    {
        $date = GenDate::parse($typed);
        $span = $date->span();

        self::assertSame(
            [$kind, $precision, $earliest, $latest, $normal],
            [$date->kind->value, $date->precision->value, IsoDay::orNull($span?->earliest) ?? '', IsoDay::orNull($span?->latest) ?? '',
                $date->normal],
        );
        self::assertSame($typed, $date->typed);
    }

    /** @return iterable<string, array{string, string, string, string, string, string}> */
    public static function dates(): iterable
    {
        $day = static fn (string $typed, string $iso, string $normal): array => [$typed, 'exact', 'day', $iso, $iso, $normal];
        $rows = [
            // Days, however they are written.
            $day('14 June 1891', '1891-06-14', '14 JUN 1891'),
            $day('14 Jun 1891', '1891-06-14', '14 JUN 1891'),
            $day('14 jun. 1891', '1891-06-14', '14 JUN 1891'),
            $day('14th June 1891', '1891-06-14', '14 JUN 1891'),
            $day('1st of May, 1891', '1891-05-01', '1 MAY 1891'),
            $day('June 14, 1891', '1891-06-14', '14 JUN 1891'),
            $day('June 14 1891', '1891-06-14', '14 JUN 1891'),
            $day('14-Jun-1891', '1891-06-14', '14 JUN 1891'),
            $day('14.6.1891', '1891-06-14', '14 JUN 1891'),
            $day('3.4.1902', '1902-04-03', '3 APR 1902'),
            $day('1891-06-14', '1891-06-14', '14 JUN 1891'),
            $day('6/14/1891', '1891-06-14', '14 JUN 1891'),
            $day('14/6/1891', '1891-06-14', '14 JUN 1891'),
            $day('4/4/1902', '1902-04-04', '4 APR 1902'),
            $day('29 Feb 1904', '1904-02-29', '29 FEB 1904'),
            $day('29 Feb 2000', '2000-02-29', '29 FEB 2000'),
            $day('3 Sept 1850', '1850-09-03', '3 SEP 1850'),
            $day('7 7ber 1790', '1790-09-07', '7 SEP 1790'),
            $day('7 Xber 1790', '1790-12-07', '7 DEC 1790'),
            // Two readings: the span covers both.
            ['3/4/1902', 'exact', 'day', '1902-03-04', '1902-04-03', '3 APR 1902'],
            // Old style: the second year is ours; Julian is eleven days behind after 28 February 1700, ten before.
            $day('11 Feb 1731/2', '1732-02-22', 'JULIAN 11 FEB 1732'),
            $day('10 Feb 1731/32', '1732-02-21', 'JULIAN 10 FEB 1732'),
            $day('24 March 1699/1700', '1700-04-04', 'JULIAN 24 MAR 1700'),
            $day('1 Jan 1649/50', '1650-01-11', 'JULIAN 1 JAN 1650'),
            // A dual year holds only before Lady Day; after it the first year counts.
            $day('1 May 1731/2', '1731-05-12', 'JULIAN 1 MAY 1731'),
            $day('JULIAN 4 OCT 1582', '1582-10-14', 'JULIAN 4 OCT 1582'),
            $day('@#DJULIAN@ 31 DEC 1752', '1753-01-11', 'JULIAN 31 DEC 1752'),
            $day('@#DGREGORIAN@ 14 JUN 1891', '1891-06-14', '14 JUN 1891'),
            // Months and years.
            ['Jun 1891', 'exact', 'month', '1891-06-01', '1891-06-30', 'JUN 1891'],
            ['June, 1891', 'exact', 'month', '1891-06-01', '1891-06-30', 'JUN 1891'],
            ['6/1891', 'exact', 'month', '1891-06-01', '1891-06-30', 'JUN 1891'],
            ['1891-06', 'exact', 'month', '1891-06-01', '1891-06-30', 'JUN 1891'],
            ['Feb 1900', 'exact', 'month', '1900-02-01', '1900-02-28', 'FEB 1900'],
            ['Feb 1904', 'exact', 'month', '1904-02-01', '1904-02-29', 'FEB 1904'],
            ['1891', 'exact', 'year', '1891-01-01', '1891-12-31', '1891'],
            ['870', 'exact', 'year', '0870-01-01', '0870-12-31', '870'],
            ['44 BCE', 'exact', 'year', '-0043-01-01', '-0043-12-31', '44 BCE'],
            ['44 B.C.', 'exact', 'year', '-0043-01-01', '-0043-12-31', '44 BCE'],
            // Allowances of ours.
            ['about 1850', 'about', 'year', '1848-01-01', '1852-12-31', 'ABT 1850'],
            ['abt 1851', 'about', 'year', '1849-01-01', '1853-12-31', 'ABT 1851'],
            ['c. 1850', 'about', 'year', '1848-01-01', '1852-12-31', 'ABT 1850'],
            ['c1850', 'about', 'year', '1848-01-01', '1852-12-31', 'ABT 1850'],
            ['ca 1850', 'about', 'year', '1848-01-01', '1852-12-31', 'ABT 1850'],
            ['circa Jun 1891', 'about', 'month', '1891-03-01', '1891-09-30', 'ABT JUN 1891'],
            ['abt Feb 1891', 'about', 'month', '1890-11-01', '1891-05-31', 'ABT FEB 1891'],
            ['abt 14 Jun 1891', 'about', 'day', '1891-05-31', '1891-06-28', 'ABT 14 JUN 1891'],
            ['est 1800', 'estimated', 'year', '1795-01-01', '1805-12-31', 'EST 1800'],
            ['est. Jun 1891', 'estimated', 'month', '1890-06-01', '1892-06-30', 'EST JUN 1891'],
            ['calc 1800', 'calculated', 'year', '1799-01-01', '1801-12-31', 'CAL 1800'],
            ['cal 14 Jun 1891', 'calculated', 'day', '1891-06-11', '1891-06-17', 'CAL 14 JUN 1891'],
            // Bounds: before and after are strict, by and since are not.
            ['before 1850', 'before', 'year', '', '1849-12-31', 'BEF 31 DEC 1849'],
            ['bef 14 Jun 1891', 'before', 'day', '', '1891-06-13', 'BEF 13 JUN 1891'],
            ['after 1850', 'after', 'year', '1851-01-01', '', 'AFT 1 JAN 1851'],
            ['aft Jun 1891', 'after', 'month', '1891-07-01', '', 'AFT 1 JUL 1891'],
            ['by 1850', 'before', 'year', '', '1850-12-31', 'BEF 1850'],
            ['not after 1850', 'before', 'year', '', '1850-12-31', 'BEF 1850'],
            ['since 1850', 'after', 'year', '1850-01-01', '', 'AFT 1850'],
            ['not before Jun 1850', 'after', 'month', '1850-06-01', '', 'AFT JUN 1850'],
            // One moment within.
            ['bet 1850 and 1855', 'between', 'year', '1850-01-01', '1855-12-31', 'BET 1850 AND 1855'],
            ['between Mar 1850 and 4 Apr 1851', 'between', 'month', '1850-03-01', '1851-04-04', 'BET MAR 1850 AND 4 APR 1851'],
            ['1850-1855', 'between', 'year', '1850-01-01', '1855-12-31', 'BET 1850 AND 1855'],
            ['1850–55', 'between', 'year', '1850-01-01', '1855-12-31', 'BET 1850 AND 1855'],
            ['1850-5', 'between', 'year', '1850-01-01', '1855-12-31', 'BET 1850 AND 1855'],
            ['1850s', 'between', 'decade', '1850-01-01', '1859-12-31', 'BET 1850 AND 1859'],
            ['early 1850s', 'between', 'decade', '1850-01-01', '1853-12-31', 'BET 1850 AND 1853'],
            ['mid 1850s', 'between', 'decade', '1854-01-01', '1856-12-31', 'BET 1854 AND 1856'],
            ['late 1850s', 'between', 'decade', '1857-01-01', '1859-12-31', 'BET 1857 AND 1859'],
            ['Q2 1891', 'between', 'quarter', '1891-04-01', '1891-06-30', 'BET APR 1891 AND JUN 1891'],
            ['Oct-Nov-Dec 1891', 'between', 'quarter', '1891-10-01', '1891-12-31', 'BET OCT 1891 AND DEC 1891'],
            ['1731/2', 'between', 'year', '1731-01-12', '1733-01-11', 'BET JULIAN 1731 AND JULIAN 1732'],
            // How long something lasted.
            ['from 1851 to 1860', 'period', 'year', '1851-01-01', '1860-12-31', 'FROM 1851 TO 1860'],
            ['from 3 May 1851 until Jun 1860', 'period', 'day', '1851-05-03', '1860-06-30', 'FROM 3 MAY 1851 TO JUN 1860'],
            ['from 1851', 'period', 'year', '1851-01-01', '', 'FROM 1851'],
            ['to 1860', 'period', 'year', '', '1860-12-31', 'TO 1860'],
            // Words only.
            ['the year of the great storm', 'phrase', 'none', '', '', ''],
            ['14 Smarch 1891', 'phrase', 'none', '', '', ''],
            ['31 June 1891', 'phrase', 'none', '', '', ''],
            ['29 Feb 1900', 'phrase', 'none', '', '', ''],
            ['13/13/1900', 'phrase', 'none', '', '', ''],
            ['bet 1855 and 1850', 'phrase', 'none', '', '', ''],
            ['1731/5', 'phrase', 'none', '', '', ''],
            ['17', 'phrase', 'none', '', '', ''],
            ['', 'phrase', 'none', '', '', ''],
        ];
        foreach ($rows as $row) {
            yield $row[0] === '' ? 'nothing' : $row[0] => $row;
        }
    }

    public function test_says_what_is_wrong_with_a_day_that_cannot_be(): void
    {
        self::assertSame('June 1891 has 30 days, not 31.', GenDate::parse('31 June 1891')->problem);
        self::assertSame('February 1900 has 28 days, not 29.', GenDate::parse('29 Feb 1900')->problem);
        self::assertStringContainsString('lies after', GenDate::parse('bet 1855 and 1850')->problem);
    }

    public function test_two_readings_stand_until_something_settles_them(): void
    {
        $date = GenDate::parse('3/4/1902');
        self::assertTrue($date->isAmbiguous());
        self::assertSame(['1902-04-03', '1902-03-04'],
            array_map(static fn ($r): string => IsoDay::of((int) $r->begin->earliest), $date->readings));

        $american = GenDate::parse('3/4/1902', DatingConvention::writtenIn(DayOrder::MonthFirst));
        self::assertFalse($american->isAmbiguous());
        self::assertSame('4 MAR 1902', $american->normal);
    }

    public function test_edges_of_ours_are_soft_and_edges_of_the_words_are_hard(): void
    {
        $about = GenDate::parse('about 1850')->span();
        self::assertSame([731, 731], [$about?->softBefore, $about?->softAfter]);
        $bare = GenDate::parse('1850')->span();
        self::assertSame([0, 0], [$bare?->softBefore, $bare?->softAfter]);
    }

    public function test_a_version_7_file_means_no_later_and_no_earlier(): void
    {
        $date = GenDate::parse('BEF 1850', DatingConvention::ofVersion7());
        self::assertSame('1850-12-31', IsoDay::orNull($date->span()?->latest));
        self::assertSame('by 1850', $date->shown);
    }

    /** What we write is what we read. */
    #[DataProvider('dates')]
    public function test_the_normal_form_means_the_same(
        string $typed,
        string $kind,
        string $precision,
        string $earliest,
        string $latest,
        string $normal,
    ): void {
        if ($normal === '' || $typed === '3/4/1902') {
            self::assertSame('', $normal === '' ? GenDate::parse($typed)->normal : '');

            return;
        }
        $span = GenDate::parse($normal, DatingConvention::ofVersion7())->span();
        self::assertSame([$earliest, $latest], [IsoDay::orNull($span?->earliest) ?? '', IsoDay::orNull($span?->latest) ?? '']);
    }
}
