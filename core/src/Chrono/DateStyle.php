<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use NorthBough\Core\Chrono\Calendar\Calendars;

/** How a reader wants dates to be shown. It changes no date; what is no plain day or month is left as it is. */
enum DateStyle: string
{
    case Short = 'short';
    case Long = 'long';
    case MonthFirst = 'month first';
    case Iso = 'iso';

    private const MONTH = '(Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)';

    /**
     * @param  string  $shown  a date as GenDate shows it: 14 Jun 1891, between 3 Apr 1799 and 1801
     * @param  string  $calendar  keyword of its calendar
     */
    public function set(string $shown, string $calendar): string
    {
        return match ($this) {
            self::Short => $shown,
            self::Long => (string) preg_replace_callback('/\b'.self::MONTH.'(?= \d)/', self::full(...), $shown),
            self::MonthFirst => (string) preg_replace_callback('/\b(?:(\d{1,2}) )?'.self::MONTH.'(?= \d)( )/',
                static fn (array $m): string => self::full([1 => $m[2]]).($m[1] === '' ? '' : " {$m[1]},").$m[3], $shown),
            // Other calendars have months of other lengths: their days are not written as if they were ours.
            self::Iso => $calendar !== 'GREGORIAN' ? $shown
                : (string) preg_replace_callback('/\b(?:(\d{1,2}) )?'.self::MONTH.' (\d{4})\b(?!\/)/',
                    static fn (array $m): string => sprintf('%s-%02d', $m[3], self::number($m[2]))
                        .($m[1] === '' ? '' : sprintf('-%02d', (int) $m[1])), $shown),
        };
    }

    /** @param  array<int, string>  $m */
    private static function full(array $m): string
    {
        return Calendars::gregorian()->monthName(self::number($m[1]));
    }

    private static function number(string $month): int
    {
        return Calendars::gregorian()->monthNumber($month);
    }
}
