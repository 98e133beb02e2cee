<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendar;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\NoSuchDay;
use NorthBough\Core\Chrono\Reckoning;

/** A year as it stands after a day or a month: 1891, 1731/2, 44 BCE. */
final readonly class YearWords
{
    public const PATTERN = '(?<year>\d{3,4})(?:\/(?<second>\d{1,2}|\d{4}))?(?<bce>\s*b\.?c\.?(?:e\.?)?)?';

    private const OLD_STYLE_ENDS = 1752;

    private function __construct(public int $year, public bool $dual, public Calendar $calendar)
    {
    }

    /**
     * @param  array<array-key, string>  $match  of PATTERN
     * @return self|null null when the second year is not the one after the first
     */
    public static function from(array $match, Reckoning $reckoning): ?self
    {
        $year = (int) $match['year'];
        if (($match['bce'] ?? '') !== '') {
            return new self(1 - $year, false, Calendars::julian());
        }
        $second = $match['second'] ?? '';
        if ($second === '') {
            return new self($year, false, $reckoning->calendar);
        }
        if (! str_ends_with((string) ($year + 1), $second)) {
            return null;
        }

        return new self($year + 1, true, $year < self::OLD_STYLE_ENDS ? Calendars::julian() : $reckoning->calendar);
    }

    /**
     * A dual year holds only from 1 January to the eve of the old new year; elsewhere it is one year, the first.
     *
     * @throws NoSuchDay
     */
    public function on(int $month, int $day): CalendarDate
    {
        $dual = $this->dual && ($month < 3 || ($month === 3 && $day < 25));
        $year = $this->dual && ! $dual ? $this->year - 1 : $this->year;

        return $day === 0
            ? CalendarDate::month($this->calendar, $year, $month, $dual)
            : CalendarDate::day($this->calendar, $year, $month, $day, $dual);
    }
}
