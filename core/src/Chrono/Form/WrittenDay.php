<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;

/** 14 June 1891, 14th of June, 1891, June 14 1891, 11 Feb 1731/2. */
final readonly class WrittenDay implements DateForm
{
    private const DAY = '(?<day>\d{1,2})(?:st|nd|rd|th|\.)?';

    private const MONTH = '(?<month>\p{L}+|[1789]0?ber|[1789]0?bris)\.?';

    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        $dayFirst = '/^(?:the )?'.self::DAY.'(?:[\s.-]+| ?\/ ?)?(?:of |day of )?'.self::MONTH.'(?:[\s,-]+| ?\/ ?)'.YearWords::PATTERN
            .'$/iu';
        $monthFirst = '/^'.self::MONTH.' (?:the )?'.self::DAY.',? '.YearWords::PATTERN.'$/iu';
        $yearFirst = '/^'.YearWords::PATTERN.'[\s,-]+'.self::MONTH.'[\s-]+'.self::DAY.'$/iu';
        foreach ([$dayFirst, $monthFirst, $yearFirst] as $pattern) {
            if (preg_match($pattern, $text, $m) !== 1) {
                continue;
            }
            $month = $convention->calendar()->monthNumber($m['month']);
            $year = YearWords::from($m, $convention);
            if ($month > 0 && $year !== null) {
                $date = GenDate::exact($text, $year->day($month, (int) $m['day']));

                return ($m['second'] ?? '') !== '' && ! self::beforeLadyDay($month, (int) $m['day'])
                    ? $date->remarked('A double year holds only from 1 January to 24 March: the first was taken.')
                    : $date;
            }
        }

        return null;
    }

    private static function beforeLadyDay(int $month, int $day): bool
    {
        return $month < 3 || ($month === 3 && $day < 25);
    }
}
