<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Calendar;

use NorthBough\Core\Chrono\MonthNames;

/** The twelve months that the Julian and the Gregorian calendar share. */
abstract readonly class RomanMonths implements Calendar
{
    private const SHORT = [1 => 'Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

    abstract protected function isLeap(int $year): bool;

    public function lastMonth(): int
    {
        return 12;
    }

    public function daysInMonth(int $year, int $month): int
    {
        return match ($month) {
            2 => $this->isLeap($year) ? 29 : 28,
            4, 6, 9, 11 => 30,
            default => $month < 1 || $month > 12 ? 0 : 31,
        };
    }

    public function monthTag(int $month): string
    {
        return strtoupper(self::SHORT[$month]);
    }

    public function monthName(int $month): string
    {
        return MonthNames::full($month);
    }

    public function monthShort(int $month): string
    {
        return self::SHORT[$month];
    }

    public function monthNumber(string $word): int
    {
        return MonthNames::number($word);
    }

    public function yearWords(int $year): string
    {
        return $year > 0 ? (string) $year : (1 - $year).' BCE';
    }
}
