<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is unread, what runs from one day to another, other calendars and other languages. */
final class WaysOfWritingTableTest extends TestCase
{
    use ReadsDates;

    #[DataProvider('dates')]
    public function test_reads(string $typed, string $kindAndPrecision, string $spans, string $normal): void
    {
        $date = GenDate::parse($typed);

        self::assertSame(
            [$kindAndPrecision, $spans, $normal],
            ["{$date->kind->value} {$date->precision->value}", self::spans($date), $date->normal],
        );
        self::assertSame($typed, $date->typed);
    }

    #[DataProvider('dates')]
    public function test_the_normal_form_means_the_same(string $typed, string $kindAndPrecision, string $spans, string $normal): void
    {
        self::assertSame($normal === '' ? '' : $spans, self::spans(GenDate::parse($normal, DatingConvention::ofVersion7())));
    }

    /** @return iterable<string, list<string>> */
    public static function dates(): iterable
    {
        yield from self::named([
            // What cannot be read is left open.
            ['? Jun 1891', 'exact month', '1891-06-01..1891-06-30', 'JUN 1891'],
            ['?? June 1891', 'exact month', '1891-06-01..1891-06-30', 'JUN 1891'],
            ['__ Jun 1891', 'exact month', '1891-06-01..1891-06-30', 'JUN 1891'],
            ['? ? 1891', 'exact year', '1891-01-01..1891-12-31', '1891'],
            ['14 ? 1891', 'exact year', '1891-01-01..1891-12-31', '1891'],
            ['32 ? 1891', 'phrase none', '', ''],
            ['189?', 'between decade', '1890-01-01..1899-12-31', 'BET 1890 AND 1899'],
            ['18??', 'between century', '1800-01-01..1899-12-31', 'BET 1800 AND 1899'],
            ['14 June', 'phrase none', '', ''],
            ['June', 'phrase none', '', ''],
            ['Sunday', 'phrase none', '', ''],
            ['1891?', 'phrase none', '', ''],
            // Decades, centuries, parts.
            ['the 1850s', 'between decade', '1850-01-01..1859-12-31', 'BET 1850 AND 1859'],
            ['1850\'s', 'between decade', '1850-01-01..1859-12-31', 'BET 1850 AND 1859'],
            ['middle 1850s', 'between decade', '1854-01-01..1856-12-31', 'BET 1854 AND 1856'],
            ['late-1850s', 'between decade', '1857-01-01..1859-12-31', 'BET 1857 AND 1859'],
            ['18th century', 'between century', '1701-01-01..1800-12-31', 'BET 1701 AND 1800'],
            ['the 17th century', 'between century', '1601-01-01..1700-12-31', 'BET 1601 AND 1700'],
            ['early 1891', 'between season', '1891-01-01..1891-04-30', 'BET JAN 1891 AND APR 1891'],
            ['late 1891', 'between season', '1891-09-01..1891-12-31', 'BET SEP 1891 AND DEC 1891'],
            ['Q1 1891', 'between quarter', '1891-01-01..1891-03-31', 'BET JAN 1891 AND MAR 1891'],
            ['q4 1904', 'between quarter', '1904-10-01..1904-12-31', 'BET OCT 1904 AND DEC 1904'],
            ['1891 Q3', 'between quarter', '1891-07-01..1891-09-30', 'BET JUL 1891 AND SEP 1891'],
            ['2nd quarter 1891', 'between quarter', '1891-04-01..1891-06-30', 'BET APR 1891 AND JUN 1891'],
            ['Apr-May-Jun 1891', 'between quarter', '1891-04-01..1891-06-30', 'BET APR 1891 AND JUN 1891'],
            ['Jan/Feb/Mar 1904', 'between quarter', '1904-01-01..1904-03-31', 'BET JAN 1904 AND MAR 1904'],
            ['Feb-Mar-Apr 1904', 'phrase none', '', ''],
            ['Q5 1891', 'phrase none', '', ''],
            // One moment between two, the first borrowing from the second.
            ['14-16 June 1891', 'between day', '1891-06-14..1891-06-16', 'BET 14 JUN 1891 AND 16 JUN 1891'],
            ['14/15 Jun 1891', 'between day', '1891-06-14..1891-06-15', 'BET 14 JUN 1891 AND 15 JUN 1891'],
            ['May-Jun 1891', 'between month', '1891-05-01..1891-06-30', 'BET MAY 1891 AND JUN 1891'],
            ['bet 14 and 16 June 1891', 'between day', '1891-06-14..1891-06-16', 'BET 14 JUN 1891 AND 16 JUN 1891'],
            ['1850 or 1851', 'between year', '1850-01-01..1851-12-31', 'BET 1850 AND 1851'],
            ['1850 - 1855', 'between year', '1850-01-01..1855-12-31', 'BET 1850 AND 1855'],
            ['btw 1850 and 1855', 'between year', '1850-01-01..1855-12-31', 'BET 1850 AND 1855'],
            ['BET 1 JAN 1850 AND 1855', 'between day', '1850-01-01..1855-12-31', 'BET 1 JAN 1850 AND 1855'],
            ['from 3 to 9 May 1851', 'period day', '1851-05-03..1851-05-09', 'FROM 3 MAY 1851 TO 9 MAY 1851'],
            ['from May to June 1851', 'period month', '1851-05-01..1851-06-30', 'FROM MAY 1851 TO JUN 1851'],
            ['1851 to 1860', 'period year', '1851-01-01..1860-12-31', 'FROM 1851 TO 1860'],
            ['until 1860', 'period year', '..1860-12-31', 'TO 1860'],
            ['from Lady Day 1802 to Michaelmas 1802', 'period day', '1802-03-25..1802-09-29', 'FROM 25 MAR 1802 TO 29 SEP 1802'],
            ['from 1860 to 1851', 'phrase none', '', ''],
            // Bounds in other words.
            ['prior to 1850', 'before year', '..1849-12-31', 'BEF 31 DEC 1849'],
            ['no later than 1850', 'before year', '..1850-12-31', 'BEF 1850'],
            ['on or before 14 Jun 1891', 'before day', '..1891-06-14', 'BEF 14 JUN 1891'],
            ['on or after 14 Jun 1891', 'after day', '1891-06-14..', 'AFT 14 JUN 1891'],
            ['not earlier than 1850', 'after year', '1850-01-01..', 'AFT 1850'],
            ['< 1850', 'before year', '..1849-12-31', 'BEF 31 DEC 1849'],
            ['>1850', 'after year', '1851-01-01..', 'AFT 1 JAN 1851'],
            ['BEF 1850', 'before year', '..1849-12-31', 'BEF 31 DEC 1849'],
            ['AFT 31 DEC 1849', 'after day', '1850-01-01..', 'AFT 1 JAN 1850'],
            ['bef 1 Mar 1900', 'before day', '..1900-02-28', 'BEF 28 FEB 1900'],
            ['after Easter 1901', 'after day', '1901-04-08..', 'AFT 8 APR 1901'],
            // About, in other words and at each fineness.
            ['approx. 1850', 'about year', '1848-01-01..1852-12-31', 'ABT 1850'],
            ['~1850', 'about year', '1848-01-01..1852-12-31', 'ABT 1850'],
            ['around Feb 1904', 'about month', '1903-11-01..1904-05-31', 'ABT FEB 1904'],
            ['say 1800', 'estimated year', '1795-01-01..1805-12-31', 'EST 1800'],
            ['est 14 Jun 1891', 'estimated day', '1891-03-14..1891-09-14', 'EST 14 JUN 1891'],
            ['calculated Jun 1891', 'calculated month', '1891-05-01..1891-07-31', 'CAL JUN 1891'],
            ['ABT JULIAN 1731', 'about year', '1729-01-12..1734-01-11', 'ABT JULIAN 1731'],
            // The common era and before it.
            ['44 BCE', 'exact year', '-0043-01-01..-0043-12-31', '44 BCE'],
            ['1 BCE', 'exact year', '0000-01-01..0000-12-31', '1 BCE'],
            ['15 Mar 44 BC', 'exact day', '-0043-03-15', '15 MAR 44 BCE'],
            ['300 B.C.', 'exact year', '-0299-01-01..-0299-12-31', '300 BCE'],
            ['before 100 BCE', 'before year', '..-0100-12-31', 'BEF 31 DEC 101 BCE'],
            // French Republican days of the history books.
            ['1 Vendémiaire an I', 'exact day', '1792-09-22', 'FRENCH_R 1 VEND 1'],
            ['9 Thermidor an II', 'exact day', '1794-07-27', 'FRENCH_R 9 THER 2'],
            ['18 Brumaire an VIII', 'exact day', '1799-11-09', 'FRENCH_R 18 BRUM 8'],
            ['18 brumaire an 8', 'exact day', '1799-11-09', 'FRENCH_R 18 BRUM 8'],
            ['10 Nivôse an XIV', 'exact day', '1805-12-31', 'FRENCH_R 10 NIVO 14'],
            ['@#DFRENCH R@ 9 THER 2', 'exact day', '1794-07-27', 'FRENCH_R 9 THER 2'],
            ['FRENCH_R BRUM 8', 'exact month', '1799-10-23..1799-11-21', 'FRENCH_R BRUM 8'],
            ['FRENCH_R 8', 'exact year', '1799-09-23..1800-09-22', 'FRENCH_R 8'],
            ['FRENCH_R 6 COMP 3', 'exact day', '1795-09-22', 'FRENCH_R 6 COMP 3'],
            ['FRENCH_R 6 COMP 2', 'phrase none', '', ''],
            // Hebrew new years and feasts of the almanacs.
            ['1 Tishri 5661', 'exact day', '1900-09-24', 'HEBREW 1 TSH 5661'],
            ['1 Tishri 5784', 'exact day', '2023-09-16', 'HEBREW 1 TSH 5784'],
            ['15 Nisan 5784', 'exact day', '2024-04-23', 'HEBREW 15 NSN 5784'],
            ['14 Adar 5783', 'exact day', '2023-03-07', 'HEBREW 14 ADR 5783'],
            ['14 Adar II 5784', 'exact day', '2024-03-24', 'HEBREW 14 ADS 5784'],
            ['HEBREW 25 KSL 5784', 'exact day', '2023-12-08', 'HEBREW 25 KSL 5784'],
            ['@#DHEBREW@ 1 TSH 5661', 'exact day', '1900-09-24', 'HEBREW 1 TSH 5661'],
            ['HEBREW 14 ADS 5783', 'phrase none', '', ''],
            ['FROM HEBREW 1 TSH 5661 TO 1905', 'period day', '1900-09-24..1905-12-31', 'FROM HEBREW 1 TSH 5661 TO 1905'],
            // Words of other languages, and orders of day and month.
            ['14 juin 1891', 'exact day', '1891-06-14', '14 JUN 1891'],
            ['14. Juni 1891', 'exact day', '1891-06-14', '14 JUN 1891'],
            ['3 März 1850', 'exact day', '1850-03-03', '3 MAR 1850'],
            ['14 giugno 1891', 'exact day', '1891-06-14', '14 JUN 1891'],
            ['14 Junii 1791', 'exact day', '1791-06-14', '14 JUN 1791'],
            ['the 14th day of June 1891', 'exact day', '1891-06-14', '14 JUN 1891'],
            ['1891 June 14', 'exact day', '1891-06-14', '14 JUN 1891'],
            ['1891 Jun', 'exact month', '1891-06-01..1891-06-30', 'JUN 1891'],
            ['1891/06/14', 'exact day', '1891-06-14', '14 JUN 1891'],
            ['18910614', 'exact day', '1891-06-14', '14 JUN 1891'],
            ['14Jun1891', 'phrase none', '', ''],
            ['INT 1850 (the year of the fire)', 'exact year', '1850-01-01..1850-12-31', '1850'],
            ['(the year of the fire)', 'phrase none', '', ''],
            ['@#DROMAN@ 3 IDUS 10', 'phrase none', '', ''],
        ]);
    }
}
