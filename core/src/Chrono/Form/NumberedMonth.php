<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\NoSuchDay;

/** 3rd mo 1701, 5th day of 3rd month 1701, 5 3mo 1701, 11th mo 5 1701/2: months by number, from March in an old year. */
final readonly class NumberedMonth implements DateForm
{
    private const MONTH = '(?<month>\d{1,2}|first|second|third|fourth|fifth|sixth|seventh'
        .'|eighth|ninth|tenth|eleventh|twelfth)(?:st|nd|rd|th)?[\s.]*mo(?:nth)?\.?';

    private const WORDS = ['first' => 1, 'second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6,
        'seventh' => 7, 'eighth' => 8, 'ninth' => 9, 'tenth' => 10, 'eleventh' => 11, 'twelfth' => 12];

    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        $day = '(?<day>\d{1,2})(?:st|nd|rd|th)?';
        $dayFirst = '/^(?:the )?'.$day.'(?: ?(?:da?y?\.?))?(?: of)?(?: the)?[\s,]+'.self::MONTH.'[\s,]+'.YearWords::PATTERN.'$/iu';
        $monthFirst = '/^(?:the )?'.self::MONTH.'[\s,]+(?:the )?'.$day.'(?: ?da?y?\.?)?[\s,]+'.YearWords::PATTERN.'$/iu';
        $monthAlone = '/^(?:the )?'.self::MONTH.'[\s,]+(?:of )?'.YearWords::PATTERN.'$/iu';
        if (preg_match($dayFirst, $text, $m) !== 1 && preg_match($monthFirst, $text, $m) !== 1
            && preg_match($monthAlone, $text, $m) !== 1) {
            return null;
        }
        $number = self::WORDS[strtolower($m['month'])] ?? (int) $m['month'];
        if ($number < 1 || $number > 12) {
            throw NoSuchDay::month($number);
        }
        $old = $convention->forNumberedMonths((int) $m['year']);
        $year = YearWords::from($m, $old);
        $month = $old->countsMonthsFromMarch((int) $m['year']) ? ($number + 1) % 12 + 1 : $number;
        $dayNumber = (int) ($m['day'] ?? 0);

        return $year === null ? null : GenDate::exact($text, $dayNumber === 0 ? $year->month($month) : $year->day($month, $dayNumber));
    }
}
