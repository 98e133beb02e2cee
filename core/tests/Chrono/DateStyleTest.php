<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\DateStyle;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DateStyleTest extends TestCase
{
    /** As typed; short, long, month first, ISO. */
    private const SHOWN = [
        ['14 June 1891', '14 Jun 1891', '14 June 1891', 'June 14, 1891', '1891-06-14'],
        ['Jun 1891', 'Jun 1891', 'June 1891', 'June 1891', '1891-06'],
        ['1891', '1891', '1891', '1891', '1891'],
        ['abt 1850', 'about 1850', 'about 1850', 'about 1850', 'about 1850'],
        ['bef 3 May 1902', 'before 3 May 1902', 'before 3 May 1902', 'before May 3, 1902', 'before 1902-05-03'],
        ['from 6 Apr 1799 to Aug 1801', 'from 6 Apr 1799 to Aug 1801', 'from 6 April 1799 to August 1801',
            'from April 6, 1799 to August 1801', 'from 1799-04-06 to 1801-08'],
        ['Easter Monday in the kirk', 'Easter Monday in the kirk', 'Easter Monday in the kirk', 'Easter Monday in the kirk',
            'Easter Monday in the kirk'],
        ['May of the year 12', 'May of the year 12', 'May of the year 12', 'May of the year 12', 'May of the year 12'],
    ];

    /** @return iterable<string, list<string>> */
    public static function rows(): iterable
    {
        foreach (self::SHOWN as $row) {
            yield $row[0] => $row;
        }
    }

    #[DataProvider('rows')]
    public function test_a_date_is_shown_as_its_reader_wants_it(string $typed, string ...$expected): void
    {
        $date = GenDate::parse($typed);
        self::assertSame(array_values($expected),
            array_map(static fn (DateStyle $style): string => $date->styled($style)->shown, DateStyle::cases()));
        self::assertSame($date->typed, $date->styled(DateStyle::Iso)->typed);
    }

    public function test_a_day_of_an_old_book_is_not_written_as_if_it_were_ours(): void
    {
        $date = GenDate::parse('10 Feb 1731', DatingConvention::oldStyle(null));
        self::assertSame($date->shown, $date->styled(DateStyle::Iso)->shown);
        self::assertStringContainsString('10 February 1731/2', $date->styled(DateStyle::Long)->shown);
    }
}
