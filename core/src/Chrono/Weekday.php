<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

enum Weekday: string
{
    case Monday = 'Monday';
    case Tuesday = 'Tuesday';
    case Wednesday = 'Wednesday';
    case Thursday = 'Thursday';
    case Friday = 'Friday';
    case Saturday = 'Saturday';
    case Sunday = 'Sunday';

    /** @param  int  $day  a Julian Day Number; number 0 was a Monday */
    public static function of(int $day): self
    {
        return self::cases()[($day % 7 + 7) % 7];
    }

    /** The full word or its usual short form (Mon, Tues, Thur); null when the word names no day. */
    public static function fromWord(string $word): ?self
    {
        $word = strtolower($word);
        foreach (self::cases() as $weekday) {
            if (strlen($word) >= 3 && str_starts_with(strtolower($weekday->value), $word)) {
                return $weekday;
            }
        }

        return null;
    }
}
