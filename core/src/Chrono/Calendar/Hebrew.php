<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Calendar;

/**
 * The Hebrew calendar, months counted from Tishri; 7 is the second Adar, which only a leap year has.
 * A day counts as the civil day on which it has its noon.
 *
 * Arithmetic of N. Dershowitz and E. M. Reingold, Calendrical Calculations, ch. "The Hebrew Calendar".
 */
final readonly class Hebrew implements Calendar
{
    /** What is added to the days elapsed from the first molad to give a Julian Day Number. */
    private const EPOCH = 347998;

    private const TAGS = [1 => 'TSH', 'CSH', 'KSL', 'TVT', 'SHV', 'ADR', 'ADS', 'NSN', 'IYR', 'SVN', 'TMZ', 'AAV', 'ELL'];

    private const NAMES = [
        1 => 'Tishri', 'Cheshvan', 'Kislev', 'Tevet', 'Shevat', 'Adar', 'Adar Sheni', 'Nisan', 'Iyar', 'Sivan', 'Tammuz', 'Av', 'Elul',
    ];

    private const SPELLINGS = [
        'tishrei' => 1, 'heshvan' => 2, 'marcheshvan' => 2, 'marheshvan' => 2, 'chislev' => 3, 'teveth' => 4, 'tebeth' => 4,
        'shvat' => 5, 'sebat' => 5, 'adar rishon' => 6, 'adar i' => 6, 'adar ii' => 7, 'veadar' => 7, 'nissan' => 8,
        'iyyar' => 9, 'siwan' => 10, 'tamuz' => 11, 'ab' => 12,
    ];

    public function keyword(): string
    {
        return 'HEBREW';
    }

    public function word(): string
    {
        return 'Hebrew';
    }

    public function escape(): string
    {
        return '@#DHEBREW@';
    }

    public function lastMonth(): int
    {
        return 13;
    }

    public function daysInMonth(int $year, int $month): int
    {
        $length = $this->newYear($year + 1) - $this->newYear($year);

        return match ($month) {
            1, 5, 8, 10, 12 => 30,
            4, 9, 11, 13 => 29,
            2 => $length % 10 === 5 ? 30 : 29,
            3 => $length % 10 === 3 ? 29 : 30,
            6 => $this->isLeap($year) ? 30 : 29,
            7 => $this->isLeap($year) ? 29 : 0,
            default => 0,
        };
    }

    public function toDay(int $year, int $month, int $day): int
    {
        $number = $this->newYear($year) + $day - 1;
        for ($earlier = 1; $earlier < $month; $earlier++) {
            $number += $this->daysInMonth($year, $earlier);
        }

        return $number;
    }

    public function fromDay(int $day): array
    {
        $year = (int) floor(($day - self::EPOCH) / 365.24682) + 1;
        while ($this->newYear($year + 1) <= $day) {
            $year++;
        }
        while ($this->newYear($year) > $day) {
            $year--;
        }
        $left = $day - $this->newYear($year);
        for ($month = 1; $left >= $this->daysInMonth($year, $month); $month++) {
            $left -= $this->daysInMonth($year, $month);
        }

        return [$year, $month, $left + 1];
    }

    public function monthTag(int $month): string
    {
        return self::TAGS[$month];
    }

    public function monthName(int $month): string
    {
        return self::NAMES[$month];
    }

    public function monthShort(int $month): string
    {
        return self::NAMES[$month];
    }

    public function monthNumber(string $word): int
    {
        $word = mb_strtolower(rtrim($word, '.'));
        foreach (self::NAMES as $number => $name) {
            if ($word === strtolower($name) || $word === strtolower(self::TAGS[$number])) {
                return $number;
            }
        }

        return self::SPELLINGS[$word] ?? 0;
    }

    public function yearWords(int $year): string
    {
        return (string) $year;
    }

    private function isLeap(int $year): bool
    {
        return (7 * $year + 1) % 19 < 7;
    }

    /** The day number of 1 Tishri. */
    private function newYear(int $year): int
    {
        $before = $this->elapsedDays($year - 1);
        $own = $this->elapsedDays($year);
        $next = $this->elapsedDays($year + 1);
        $correction = match (true) {
            $next - $own === 356 => 2,
            $own - $before === 382 => 1,
            default => 0,
        };

        return self::EPOCH + $own + $correction;
    }

    /** Days from the epoch to the molad of Tishri, put off where it would fall on Sunday, Wednesday or Friday. */
    private function elapsedDays(int $year): int
    {
        $months = intdiv(235 * $year - 234, 19);
        $parts = 12084 + 13753 * $months;
        $day = 29 * $months + intdiv($parts, 25920);

        return (3 * ($day + 1)) % 7 < 3 ? $day + 1 : $day;
    }
}
