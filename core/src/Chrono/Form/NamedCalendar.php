<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\Calendar\Calendar;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\Calendar\RomanMonths;
use NorthBough\Core\Chrono\CalendarDate;
use NorthBough\Core\Chrono\CalendarPeriod;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\GenDate;

/**
 * JULIAN 10 FEB 1731 (version 7) and @#DJULIAN@ 10 FEB 1731 (5.5.1), the standard's way to name a calendar; and
 * dates whose months name it: 18 Brumaire an VIII, 5 Tishri 5650.
 */
final readonly class NamedCalendar implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        foreach (Calendars::all() as $calendar) {
            foreach ([$calendar->escape(), $calendar->keyword()] as $prefix) {
                if (stripos($text, $prefix.' ') === 0) {
                    $rest = trim(substr($text, strlen($prefix) + 1));

                    return $calendar instanceof RomanMonths ? $reader->plain($rest, $convention->in($calendar))
                        : $this->dated($text, $rest, $calendar, true);
                }
            }
            if (! $calendar instanceof RomanMonths) {
                $date = $this->dated($text, $text, $calendar, false);
                if ($date !== null) {
                    return $date;
                }
            }
        }

        return null;
    }

    private function dated(string $typed, string $text, Calendar $calendar, bool $yearAlone): ?GenDate
    {
        if (preg_match(
            '/^(?:(?:(?<day>\d{1,2})(?:er|e|st|nd|rd|th)? )?(?<month>\p{L}[\p{L}. ]*?) )?(?:(?:an|de l\'an|year) '
                .')?(?<year>\d{1,4}|[IVX]+)$/iu', $text, $m) !== 1) {
            return null;
        }
        $month = $m['month'] === '' ? 0 : $calendar->monthNumber($m['month']);
        if ($month === 0 && ($m['month'] !== '' || ! $yearAlone)) {
            return null;
        }
        $year = ctype_digit($m['year']) ? (int) $m['year'] : self::roman(strtoupper($m['year']));

        return GenDate::exact($typed, [match (true) {
            $month === 0 => CalendarPeriod::of(CalendarDate::year($calendar, $year)),
            $m['day'] === '' => CalendarPeriod::of(CalendarDate::month($calendar, $year, $month)),
            default => CalendarPeriod::of(CalendarDate::day($calendar, $year, $month, (int) $m['day'])),
        }]);
    }

    private static function roman(string $numeral): int
    {
        $values = ['I' => 1, 'V' => 5, 'X' => 10];
        $sum = 0;
        foreach (str_split($numeral) as $place => $letter) {
            $next = $values[$numeral[$place + 1] ?? ''] ?? 0;
            $sum += $values[$letter] < $next ? -$values[$letter] : $values[$letter];
        }

        return $sum;
    }
}
