<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** The day on which a book lets its year begin. */
enum YearStart: string
{
    case January = '1 January';
    case March = '1 March';
    case LadyDay = '25 March';
    case September = '1 September';
    case Christmas = '25 December';

    /** The year from 1 January for a day or month that the book puts into its own year. */
    public function ours(int $written, int $month, int $day): int
    {
        return match ($this) {
            self::January => $written,
            self::March => $month < 3 ? $written + 1 : $written,
            self::LadyDay => $month < 3 || ($month === 3 && $day < 25) ? $written + 1 : $written,
            self::September => $month >= 9 ? $written - 1 : $written,
            self::Christmas => $month === 12 && $day >= 25 ? $written - 1 : $written,
        };
    }

    /** @return array{int, int} month and day of the first day */
    public function firstDay(): array
    {
        return match ($this) {
            self::January => [1, 1],
            self::March => [3, 1],
            self::LadyDay => [3, 25],
            self::September => [9, 1],
            self::Christmas => [12, 25],
        };
    }

    /** Whether the numbered months of such a book begin with March. */
    public function countsFromMarch(): bool
    {
        return $this === self::LadyDay || $this === self::March;
    }
}
