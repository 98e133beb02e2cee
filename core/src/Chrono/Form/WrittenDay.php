<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateReader;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\MonthNames;
use NorthBough\Core\Chrono\Reckoning;

/** 14 June 1891, 14th of June, 1891, June 14 1891, 11 Feb 1731/2. */
final readonly class WrittenDay implements DateForm
{
    private const DAY = '(?<day>\d{1,2})(?:st|nd|rd|th)?';

    private const MONTH = '(?<month>\p{L}+|7ber|8ber|9ber|10ber)\.?';

    public function read(string $text, Reckoning $reckoning, DateReader $reader): ?GenDate
    {
        $dayFirst = '/^'.self::DAY.'[\s.-]+(?:of )?'.self::MONTH.'[\s,-]+'.YearWords::PATTERN.'$/iu';
        $monthFirst = '/^'.self::MONTH.' '.self::DAY.',? '.YearWords::PATTERN.'$/iu';
        if (preg_match($dayFirst, $text, $m) !== 1 && preg_match($monthFirst, $text, $m) !== 1) {
            return null;
        }
        $month = MonthNames::number($m['month']);
        $year = YearWords::from($m, $reckoning);

        return $month === 0 || $year === null ? null : GenDate::exact($text, [$year->on($month, (int) $m['day'])]);
    }
}
