<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Calendar;

/**
 * The French Republican calendar: twelve months of thirty days and five or six complementary days, from
 * 22 September 1792. It was in use for fourteen years, whose leap years 3, 7 and 11 were set by the equinox;
 * later years follow the rule that Romme proposed (every fourth, from 20 on, but of the centuries the fourth).
 *
 * Decree of 4 Frimaire II; E. G. Richards, Mapping Time (1998), ch. 19.
 */
final readonly class FrenchRepublican implements Calendar
{
    private const EPOCH = 2375840;

    private const TAGS = [1 => 'VEND', 'BRUM', 'FRIM', 'NIVO', 'PLUV', 'VENT', 'GERM', 'FLOR', 'PRAI', 'MESS', 'THER', 'FRUC', 'COMP'];

    private const NAMES = [
        1 => 'Vendémiaire', 'Brumaire', 'Frimaire', 'Nivôse', 'Pluviôse', 'Ventôse', 'Germinal', 'Floréal', 'Prairial',
        'Messidor', 'Thermidor', 'Fructidor', 'complementary days',
    ];

    public function keyword(): string
    {
        return 'FRENCH_R';
    }

    public function word(): string
    {
        return 'French Republican';
    }

    public function escape(): string
    {
        return '@#DFRENCH R@';
    }

    public function lastMonth(): int
    {
        return 13;
    }

    public function daysInMonth(int $year, int $month): int
    {
        return match (true) {
            $month < 1 || $month > 13 => 0,
            $month < 13 => 30,
            default => $this->leapDaysBefore($year + 1) > $this->leapDaysBefore($year) ? 6 : 5,
        };
    }

    public function toDay(int $year, int $month, int $day): int
    {
        return self::EPOCH + 365 * ($year - 1) + $this->leapDaysBefore($year) + 30 * ($month - 1) + $day - 1;
    }

    public function fromDay(int $day): array
    {
        $year = (int) floor(($day - self::EPOCH) / 365.2425) + 1;
        while ($this->toDay($year + 1, 1, 1) <= $day) {
            $year++;
        }
        while ($this->toDay($year, 1, 1) > $day) {
            $year--;
        }
        $ofYear = $day - $this->toDay($year, 1, 1);

        return [$year, intdiv($ofYear, 30) + 1, $ofYear % 30 + 1];
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
        $word = strtoupper((string) preg_replace('/[^a-z]/', '', strtr(mb_strtolower($word), ['é' => 'e', 'ô' => 'o'])));
        if (strlen($word) < 4) {
            return 0;
        }
        foreach (self::TAGS as $number => $tag) {
            $name = strtoupper(strtr(self::NAMES[$number], ['é' => 'e', 'ô' => 'o']));
            if (str_starts_with($number === 13 ? 'COMPLEMENTAIRES' : $name, $word) || $word === $tag
                || ($number === 13 && $word === 'COMPLEMENTAIRE')) {
                return $number;
            }
        }

        return 0;
    }

    public function yearWords(int $year): string
    {
        $words = '';
        foreach (['X' => 10, 'IX' => 9, 'V' => 5, 'IV' => 4, 'I' => 1] as $numeral => $value) {
            for (; $year >= $value; $year -= $value) {
                $words .= $numeral;
            }
        }

        return "an {$words}";
    }

    /** Leap days in the years before this one. */
    private function leapDaysBefore(int $year): int
    {
        if ($year < 20) {
            return max(0, intdiv($year, 4));
        }
        $past = $year - 1;

        // 3, 7, 11 and 15 have passed; the rule of the fours begins with 20.
        return 4 + intdiv($past, 4) - 4 - intdiv($past, 100) + intdiv($past, 400);
    }
}
